<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\GroundBall;

use FoxCorner\Core\Play\Fielding\Attempt;
use FoxCorner\Core\Play\Fielding\BallFielded;
use FoxCorner\Core\Play\Fielding\GroundSetting;
use FoxCorner\Core\Play\Fielding\Met;

/** One ground ball against a coverage: whose it is, what he could do with it, and what it comes to on average. */
final readonly class GroundFielding
{
    /**
     * @param Met|null      $met      null: it goes through
     * @param list<Attempt> $attempts what could be done with it; none when it goes through
     * @param int           $goes     1 when the runner who need not go does
     */
    public function __construct(
        public GroundSetting $setting,
        public ?Met $met,
        public array $attempts,
        public int $goes,
        public BallFielded $comes,
    ) {}
}
