<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\MotionProfile;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;

/**
 * How a ball gets from one hand to another: the turn, the feed or throw, and how surely it is caught.
 *
 * A fielder who runs and throws straight ahead loses no time and throws all on the run; back the way he came he stops
 * and turns for all of his speed; across it is half and half.
 */
final readonly class Throwing
{
    /** ft; whoever throws less far hands it over. */
    private const HANDED = 1.0;

    private Speed $underhand;
    private Speed $dart;

    private function __construct(private Throws $throws, private MotionProfile $motion, private float $executionFactor)
    {
        [$this->underhand, $this->dart] = [Feed::Underhand->speed(), Feed::Dart->speed()];
    }

    public static function at(LevelProfile $level, Sport $sport): self
    {
        return new self(Throws::of(Ball::for($sport)), $level->motion, $level->executionFactor);
    }

    public function to(Possession $from, Point $target): Delivery
    {
        [$x, $y] = [$target->x - $from->at->x, $target->y - $from->at->y];
        $feet = sqrt($x * $x + $y * $y);
        $turned = $onTheRun = 0.0;
        if ($feet >= self::HANDED) {
            $speed = sqrt($from->onX * $from->onX + $from->onY * $from->onY);
            $ahead = ($from->onX * $x + $from->onY * $y) / $feet;
            $turned = ($speed - $ahead) / 2;
            $onTheRun = ($speed + $ahead) / 2;
        }
        $released = $from->ready + $this->motion->turnThrow * $turned;
        $flight = $this->throws->seconds($feet, $this->speed($feet, $from->by->arm));

        return new Delivery($feet, $released, $released + $flight, $from->bareHand ? 1.0 : $onTheRun);
    }

    /** On his own feet to a bag; nothing can go astray. */
    public function carried(Possession $from, Point $target): Delivery
    {
        $arrives = $from->seconds + $from->by->legs->secondsFor($from->at->distanceTo($target));

        return new Delivery(0.0, $arrives, $arrives, 0.0);
    }

    /** With what speed somebody gives the ball over so many feet: no feed is faster than the arm. */
    public function speed(float $feet, Speed $arm): Speed
    {
        if ($feet > Feed::FARTHEST) {
            return $arm;
        }
        $feed = Feed::Underhand === Feed::over($feet) ? $this->underhand : $this->dart;

        return $arm->feetPerSecond < $feed->feetPerSecond ? $arm : $feed;
    }

    /** Seconds that a full throw is in the air. */
    public function flight(float $feet, Speed $speed): float
    {
        return $this->throws->seconds($feet, $speed);
    }

    /**
     * The chance that it is caught where it should be.
     *
     * @param float $margin seconds that it has to spare
     */
    public function clean(Delivery $delivery, float $margin): float
    {
        return OutChance::clean($delivery->feet, $this->executionFactor, $margin, $delivery->onTheRun);
    }
}
