<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Ball;

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
     * @param float $exchange s from then until it could leave his hand without a turn
     * @param float $onX      where he runs as he has it, to the right, as a share of his top speed; 0 when he stands
     * @param float $onY      the same away from home
     * @param bool  $bareHand off a dead ball, on the run
     * @param float $clean    chance that he has it at once
     */
    private function __construct(
        public CastMember $by,
        public Point $at,
        public float $seconds,
        public float $exchange,
        public float $onX,
        public float $onY,
        public bool $bareHand,
        public float $clean,
    ) {}

    /**
     * Fielded, maybe on the run.
     *
     * @param float $onX   where he runs as he has it, to the right, as a share of his top speed
     * @param float $onY   the same away from home
     * @param float $clean chance that he has it at once
     */
    public static function onTheRun(
        CastMember $by,
        Point $at,
        float $seconds,
        float $exchange,
        float $onX,
        float $onY,
        float $clean = 1.0,
    ): self {
        return new self($by, $at, $seconds, $exchange, $onX, $onY, false, $clean);
    }

    /** A throw caught at a bag, or a bag taken with the ball in hand. */
    public static function atBag(CastMember $by, Point $bag, float $seconds, float $exchange): self
    {
        return new self($by, $bag, $seconds, $exchange, 0.0, 0.0, false, 1.0);
    }

    /**
     * A ball on the ground that he expected: he comes to it under control, as if he had a moment to spare.
     *
     * @param CastMember $by        with the reaction that he had to this ball
     * @param float      $ballSpeed ft/s as it comes to him
     * @param float      $hands     the level's; 0: nothing is misplayed
     */
    public static function ofBall(
        CastMember $by,
        Point $at,
        float $seconds,
        float $ballSpeed,
        MotionProfile $motion,
        float $hands = 0.0,
    ): self {
        $isCatcher = Position::Catcher === $by->position;
        $bareHand = !$isCatcher && $ballSpeed < $motion->deadBallSpeed;
        $exchange =
            (($isCatcher ? $motion->exchangeCatcherBunt : $motion->exchangeSet) + $by->exchangeMore) *
            ($isCatcher ? 1.0 : $motion->exchangeOff($ballSpeed));
        [$x, $y] = [$at->x - $by->start->x, $at->y - $by->start->y];
        $run = sqrt($x * $x + $y * $y);
        $moving = 1 - Hands::CONTROLLED / Hands::SET;
        $share = $run < self::STILL ? 0.0 : ($moving * $by->legs->shareAfter($seconds - $by->reaction)) / $run;

        return new self(
            $by,
            $at,
            $seconds,
            $exchange,
            $x * $share,
            $y * $share,
            $bareHand,
            $hands <= 0.0 ? 1.0 : Hands::clean($hands, $ballSpeed, $seconds, Hands::CONTROLLED),
        );
    }
}
