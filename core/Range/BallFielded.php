<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

use FoxCorner\Core\People\Position;

/** What became of one ground ball of the grid. */
final readonly class BallFielded
{
    /**
     * @param Position|null $by      who has it; null: it goes through
     * @param int           $look    at which look along its way
     * @param Chances|null  $chances what he could do with it; null when nobody has it
     * @param float         $out     chance of an out; two, and the run from third likewise
     * @param float         $cost    what it costs us
     */
    public function __construct(
        public ?Position $by,
        public int $look,
        public ?Chances $chances,
        public float $out,
        public float $two,
        public float $thirdScores,
        public float $cost,
    ) {}
}
