<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

use FoxCorner\Core\Motion\MotionProfile;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\Play\Ball\Hands;

/**
 * One ground ball along its way, straight from home: how far out, when, how fast, and how awkward it is there.
 *
 * Times are tabulated at looks that are a share of the base path apart, so that asking who reaches what needs no
 * arithmetic beyond comparing; where the ball slows down, the looks follow each other by time. A ball that comes to
 * rest has a last look where it lies.
 */
final readonly class BallWay
{
    /** Of the base path, between two looks, and from home to the first. */
    public const STEP = 1 / 24;
    public const FIRST = 2;
    public const LOOKS = 50;
    /** ft/s under which a look follows the other by time, since the ball hardly moves: s between them. */
    private const SLOWING = 20;
    private const MOMENT = 0.12;

    /**
     * @param float       $step    ft between two looks
     * @param int         $even    looks that are a step apart; the others follow by time
     * @param list<float> $along   ft from home
     * @param list<float> $seconds from contact
     * @param list<float> $scooped how surely it is picked up and thrown in one move there, 0 to 1
     * @param list<float> $hop     of the misplays a level's hands must expect: those that time does not help
     * @param list<float> $hurried the same, of a fielder who is there as the ball is; less if sooner
     * @param bool        $rests   whether the ball lies at the last look
     * @param int         $slow    the first look at which it is slow enough to be thrown in one move; 0: never
     */
    private function __construct(
        public RollingBall $ball,
        public float $step,
        public int $even,
        public array $along,
        public array $seconds,
        public array $scooped,
        public array $hop,
        public array $hurried,
        public bool $rests,
        public int $slow,
    ) {}

    public static function of(RollingBall $ball, float $basePath, MotionProfile $motion): self
    {
        $step = self::STEP * $basePath;
        $rest = $ball->restDistance();
        $along = $seconds = $scooped = $hop = $hurried = [];
        $even = $slow = 0;
        $feet = $step * self::FIRST;
        for ($look = 0; $look < self::LOOKS; ++$look) {
            $there = $ball->secondsTo($feet) ?? \INF;
            if (\INF === $there || $ball->speedAfter($there) < self::SLOWING) {
                break;
            }
            $along[] = $feet;
            $seconds[] = $there;
            $feet += $step;
            ++$even;
        }
        $rests = $even < self::LOOKS;
        if ($rests) {
            $end = $ball->speed / $ball->deceleration;
            for ($there = self::since($ball, $seconds); $there < $end - self::MOMENT / 2; $there += self::MOMENT) {
                $along[] = $ball->distanceAfter($there);
                $seconds[] = $there;
            }
            $along[] = $rest;
            $seconds[] = $end;
        }
        foreach ($seconds as $there) {
            $speed = $ball->speedAfter($there);
            $scooped[] = $motion->scooped($speed);
            [$steady, $inHurry, $sharp] = Hands::awkwardness($speed, $there);
            $hop[] = $steady + $sharp;
            $hurried[] = $inHurry;
            $slow = 0 === $slow && $speed < $motion->slowBall ? \count($scooped) - 1 : $slow;
        }

        return new self($ball, $step, $even, $along, $seconds, $scooped, $hop, $hurried, $rests, $slow);
    }

    /**
     * The first moment of the slow part of its way.
     *
     * @param list<float> $seconds of the even part
     */
    private static function since(RollingBall $ball, array $seconds): float
    {
        $slow = ($ball->speed - self::SLOWING) / $ball->deceleration;

        return [] === $seconds ? max(self::MOMENT, $slow) : max($seconds[\count($seconds) - 1] + self::MOMENT, $slow);
    }

    public function last(): int
    {
        return \count($this->along) - 1;
    }
}
