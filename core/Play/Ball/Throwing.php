<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Ball;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Level\Skills;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Motion\MotionProfile;
use FoxCorner\Core\Motion\Throws;

/**
 * How a ball gets from one hand to another: the turn, the feed or throw, and how surely it is caught.
 *
 * A fielder who runs and throws straight ahead loses no time; back the way he came he stops and turns for all of his
 * speed; across it is half. Either way his throw scatters more, the faster he runs.
 */
final readonly class Throwing
{
    /** ft that somebody moves to a throw in each second that it is in the air, and still is in time (ours). */
    private const WATCHED = 0.5;
    /** ft; whoever throws less far hands it over. */
    private const HANDED = 1.0;

    private function __construct(public Throws $throws, private MotionProfile $motion, private Skills $skills) {}

    public static function at(LevelProfile $level, Sport $sport): self
    {
        return new self(Throws::of(Ball::for($sport)), $level->motion, $level->skills);
    }

    public function to(Possession $from, Point $target): Delivery
    {
        [$x, $y] = [$target->x - $from->at->x, $target->y - $from->at->y];
        $feet = sqrt($x * $x + $y * $y);
        $turned = $moving = 0.0;
        if ($feet >= self::HANDED) {
            $moving = sqrt($from->onX * $from->onX + $from->onY * $from->onY);
            $turned = ($moving - ($from->onX * $x + $from->onY * $y) / $feet) / 2;
        }
        $exchange = $from->exchange * Giving::exchangeShare($feet);
        $released = $from->seconds + $exchange + $this->motion->turnThrow * $turned;

        return new Delivery($feet, $released, $released + $this->throws->given($feet, $from->by->arm), $moving);
    }

    /** From the outfield, by the hand that he throws with: his exchange is a right-hander's. */
    public function fromFar(Possession $from, Point $target): Delivery
    {
        $throw = $this->to($from, $target);
        $across = $throw->feet < self::HANDED ? 0.0 : ($target->x - $from->at->x) / $throw->feet;

        return $throw->later(Giving::unlikeRight($from->by->player->traits->throws->armSide(), $across, $throw->feet));
    }

    /** On his own feet to a bag; nothing can go astray. */
    public function carried(Possession $from, Point $target): Delivery
    {
        $arrives = $from->seconds + $from->by->legs->secondsFor($from->at->distanceTo($target));

        return new Delivery(0.0, $arrives, $arrives, 0.0);
    }

    /** The chance that it is caught at a bag and held. */
    public function clean(Delivery $delivery, Base $base): float
    {
        return $this->skills->perfect
            ? 1.0
            : Giving::caught(
                $delivery->feet,
                Giving::reach($base),
                $this->skills->throw,
                $this->skills->bag,
                $delivery->moving,
            );
    }

    /**
     * The chance that a throw from the outfield is caught and held by somebody who sees it come for a while.
     *
     * @param float $reach ft around the place where he waits
     */
    public function caughtFromFar(Delivery $delivery, float $reach): float
    {
        return $this->skills->perfect
            ? 1.0
            : Giving::caught(
                $delivery->feet,
                $reach + self::WATCHED * ($delivery->arrives - $delivery->released),
                $this->skills->throw,
                $this->skills->bag,
                $delivery->moving,
            );
    }
}
