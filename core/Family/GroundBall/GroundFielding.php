<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

use FoxCorner\Core\Play\Grid\Attempt;
use FoxCorner\Core\Play\Grid\BallFielded;
use FoxCorner\Core\Play\Grid\GroundSetting;
use FoxCorner\Core\Play\Grid\Met;

/** One ground ball against a coverage: whose it is, what he could do with it, and what it comes to on average. */
final readonly class GroundFielding
{
    /**
     * @param Met|null      $met      null: it goes through
     * @param list<Attempt> $attempts what could be done with it; none when it goes through
     * @param float         $bobbled  s lost in picking it up again; 0 when he has it at once
     * @param int           $goes     1 when the runner who need not go does
     */
    public function __construct(
        public GroundSetting $setting,
        public ?Met $met,
        public array $attempts,
        public int $goes,
        public BallFielded $comes,
        public float $bobbled = 0.0,
    ) {}

    /** The chance that he has it when he throws. */
    public function clean(): float
    {
        return $this->bobbled > 0.0 ? 1.0 : $this->met->clean ?? 0.0;
    }

    /** Of what could be done, what costs least when every runner goes; null when it goes through. */
    public function leastCost(): ?Attempt
    {
        $least = null;
        foreach ($this->attempts as $one) {
            $least = null === $least || $one->costs[1] < $least->costs[1] ? $one : $least;
        }

        return $least;
    }
}
