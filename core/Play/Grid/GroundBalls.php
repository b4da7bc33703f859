<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\Motion\Speed;

/** The ground balls that a batter may hit: 61 directions, 9 speeds, each with its weight, and when each is where. */
final readonly class GroundBalls
{
    public const DIRECTIONS = 61;
    public const SPEEDS = 9;

    /** Degrees between two directions. */
    public const DEGREES = 1.5;
    /** Of the speed off the bat, as a share of the level's ordinary one; in steps of two thirds of it. */
    private const SPREAD = 0.2;
    private const BELL = 7;
    private const STEPS = 1.5;
    /** Balls hit on their top, of all, and their speeds as shares. Source: the project's calibration. */
    private const TOPPED_SHARE = 0.1;
    private const TOPPED = [0.37, 0.55];
    /** A few: directions, and shares of a speed with their weights; against 61 of them .001 runs off on average. */
    private const FEW = 17;
    private const FEW_SPEEDS = [[0.75, 0.4], [1.1, 0.6]];
    /** Coarse: directions, and speeds that are not topped. */
    private const COARSE = 31;
    private const COARSE_BELL = 4;
    /** In the order of the speeds, the level's ordinary one. */
    public const ORDINARY = 5;

    /**
     * @param list<float>   $sprays  degrees, negative to left
     * @param list<float>   $sines   of the directions
     * @param list<float>   $cosines
     * @param list<float>   $weights by direction times speeds, in one row; together 1
     * @param list<BallWay> $ways    by speed, the slowest first
     * @param list<float>   $speeds  mph off the bat, likewise
     */
    private function __construct(
        public array $sprays,
        public array $sines,
        public array $cosines,
        public array $weights,
        public array $ways,
        public array $speeds,
    ) {}

    public static function of(Spray $spray, RuleSet $rules, LevelProfile $level): self
    {
        $speeds = self::speeds($spray->topped * self::TOPPED_SHARE, self::TOPPED, self::BELL, self::STEPS);

        return self::in(self::DIRECTIONS, $speeds, $spray, $rules, $level);
    }

    /** Enough of them to tell which of two places is the better, where they are not nearly even. */
    public static function coarse(Spray $spray, RuleSet $rules, LevelProfile $level): self
    {
        $topped = [array_sum(self::TOPPED) / \count(self::TOPPED)];
        $speeds = self::speeds($spray->topped * self::TOPPED_SHARE, $topped, self::COARSE_BELL, 1.0);

        return self::in(self::COARSE, $speeds, $spray, $rules, $level);
    }

    /**
     * A few of them, of a batter who only means to put it on the ground.
     *
     * @param float $of of the level's ordinary speed off the bat
     */
    public static function few(Spray $spray, RuleSet $rules, LevelProfile $level, float $of): self
    {
        $speeds = array_map(static fn(array $one): array => [$of * $one[0], $one[1]], self::FEW_SPEEDS);

        return self::in(self::FEW, $speeds, $spray, $rules, $level);
    }

    /** @param list<array{float, float}> $weighed shares of the level's ordinary speed, with their weights */
    private static function in(int $directions, array $weighed, Spray $spray, RuleSet $rules, LevelProfile $level): self
    {
        $sprays = $sines = $cosines = $share = [];
        for ($direction = 0; $direction < $directions; ++$direction) {
            $degrees = self::degrees($direction, $directions);
            $sprays[] = $degrees;
            $sines[] = sin(deg2rad($degrees));
            $cosines[] = cos(deg2rad($degrees));
            // The outermost stand for half as many: beyond the line it is foul.
            $edge = 0 === $direction || $directions - 1 === $direction ? 0.5 : 1.0;
            $share[] = $edge * $spray->density($degrees);
        }
        $ways = $speeds = $likely = [];
        foreach ($weighed as [$of, $weight]) {
            $ball = RollingBall::groundBall(Speed::ofMph($level->groundBallSpeed * $of), $rules->surface);
            $ways[] = BallWay::of($ball, $rules->basePath, $level->motion);
            $speeds[] = $level->groundBallSpeed * $of;
            $likely[] = $weight;
        }
        $whole = array_sum($share) * array_sum($likely);
        $weights = [];
        foreach ($share as $one) {
            foreach ($likely as $other) {
                $weights[] = ($one * $other) / $whole;
            }
        }

        return new self($sprays, $sines, $cosines, $weights, $ways, $speeds);
    }

    /** Degrees from straight away of one of so many directions, the first along the left line. */
    public static function degrees(int $direction, int $of = self::DIRECTIONS): float
    {
        return -Diamond::FAIR + (2 * Diamond::FAIR * $direction) / ($of - 1);
    }

    /**
     * @param float       $topped share of all that are hit on their top
     * @param list<float> $tops   their speeds, as shares of the ordinary one
     * @param int         $count  of the others
     * @param float       $steps  that the spread between them is divided into
     *
     * @return list<array{float, float}> shares of the ordinary speed with their weights, the slowest first
     */
    private static function speeds(float $topped, array $tops, int $count, float $steps): array
    {
        $speeds = array_map(static fn(float $of): array => [$of, $topped / \count($tops)], $tops);
        $bell = [];
        for ($step = 0; $step < $count; ++$step) {
            $away = ($step - ($count - 1) / 2) / $steps;
            $bell[] = [1 + self::SPREAD * $away, exp(-($away ** 2) / 2)];
        }
        $whole = array_sum(array_column($bell, 1));
        foreach ($bell as [$of, $weight]) {
            $speeds[] = [$of, ((1 - $topped) * $weight) / $whole];
        }

        return $speeds;
    }
}
