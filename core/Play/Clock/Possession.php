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
    /** ft; whoever has run less stands as good as still. */
    private const STILL = 1.0;

    /**
     * @param float $seconds  from contact until he has it
     * @param float $ready    seconds at which it could leave his hand without a turn
     * @param float $onX      where he runs as he has it, to the right, as a share of his top speed; 0 when he stands
     * @param float $onY      the same away from home
     * @param bool  $bareHand off a dead ball, on the run
     */
    private function __construct(
        public CastMember $by,
        public Point $at,
        public float $seconds,
        public float $ready,
        public float $onX,
        public float $onY,
        public bool $bareHand,
    ) {}

    /**
     * A ball on the ground.
     *
     * @param CastMember $by        with the reaction that he had to this ball
     * @param float      $ballSpeed ft/s as it comes to him
     */
    public static function ofBall(
        CastMember $by,
        Point $at,
        float $seconds,
        float $ballSpeed,
        MotionProfile $motion,
    ): self {
        $isCatcher = Position::Catcher === $by->position;
        $bareHand = !$isCatcher && $ballSpeed < $motion->deadBallSpeed;
        $exchange = $isCatcher
            ? $motion->exchangeCatcherBunt
            : ($bareHand
                ? $motion->exchangeBareHand
                : $motion->exchangeSet);
        [$x, $y] = [$at->x - $by->start->x, $at->y - $by->start->y];
        $run = sqrt($x * $x + $y * $y);
        $share = $run < self::STILL ? 0.0 : $by->legs->shareAfter($seconds - $by->reaction) / $run;

        return new self(
            $by,
            $at,
            $seconds,
            $seconds + $exchange + $by->exchangeMore,
            $x * $share,
            $y * $share,
            $bareHand,
        );
    }
}
