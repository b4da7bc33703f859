<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\MotionProfile;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\Motion\Throws;
use FoxCorner\Core\Motion\TurnAndThrow;

/** How a ball gets from one hand to another: the turn, the feed or throw, and how surely it is caught. */
final readonly class Throwing
{
    private function __construct(private Throws $throws, private MotionProfile $motion, private float $executionFactor)
    {
    }

    public static function at(LevelProfile $level, Sport $sport): self
    {
        return new self(new Throws(Ball::for($sport)), $level->motion, $level->executionFactor);
    }

    /** Seconds from contact at which the ball could leave his hand toward a target. */
    public function released(Possession $from, Point $target): float
    {
        return $from->ready + TurnAndThrow::seconds($from->by->start, $from->at, $from->speed, $target, $this->motion->turnThrow);
    }

    public function to(Possession $from, Point $target): Delivery
    {
        $feet = $from->at->distanceTo($target);
        $released = $this->released($from, $target);

        return new Delivery($feet, $released, $released + $this->throws->seconds($feet, $from->by->arm), 0.0);
    }

    /**
     * The chance that it is caught where it should be.
     *
     * @param float $margin seconds that it has to spare
     */
    public function clean(Delivery $delivery, float $margin): float
    {
        return $delivery->feet < 12.0 ? 1.0 : OutChance::clean($delivery->feet, $this->executionFactor, $margin);
    }
}
