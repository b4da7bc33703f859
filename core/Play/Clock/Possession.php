<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Motion\MotionProfile;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\CastMember;

/** Somebody has the ball: where and when, how he came to it, and when it could leave his hand straight ahead. */
final readonly class Possession
{
    /**
     * @param float $seconds  from contact until he has it
     * @param float $ready    seconds at which it could leave his hand without a turn
     * @param float $speed    share of his top speed with which he comes to it, 0 to 1
     * @param bool  $bareHand off a dead ball, on the run
     */
    private function __construct(
        public CastMember $by,
        public Point $at,
        public float $seconds,
        public float $ready,
        public float $speed,
        public bool $bareHand,
    ) {
    }

    /**
     * A ball on the ground.
     *
     * @param CastMember $by        with the reaction that he had to this ball
     * @param float      $ballSpeed ft/s as it comes to him
     */
    public static function ofBall(CastMember $by, Point $at, float $seconds, float $ballSpeed, MotionProfile $motion): self
    {
        $bareHand = Position::Catcher !== $by->position && $ballSpeed < $motion->deadBallSpeed;
        $exchange = $by->exchangeMore + match (true) {
            Position::Catcher === $by->position => $motion->exchangeCatcherBunt,
            $bareHand => $motion->exchangeBareHand,
            default => $motion->exchangeSet,
        };

        return new self($by, $at, $seconds, $seconds + $exchange, $by->legs->shareAfter($seconds - $by->reaction), $bareHand);
    }
}
