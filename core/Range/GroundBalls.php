<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\Motion\Speed;

/**
 * The ground balls that a batter may hit: 61 directions, 9 speeds, each with its weight, and when each is where.
 *
 * Times are tabulated along the way, so that asking who reaches what needs no arithmetic beyond comparing.
 */
final readonly class GroundBalls
{
    public const DIRECTIONS = 61;
    public const SPEEDS = 9;
    /** ft between two looks along a ball's way, from the first to the last. */
    public const STEP = 4.0;
    public const FIRST_LOOK = 16.0;
    public const LOOKS = 44;

    /** Degrees between two directions. */
    public const DEGREES = 1.5;
    /** Of the speed off the bat, as a share of the level's ordinary one (ours). */
    private const SPREAD = 0.2;

    /**
     * @param list<float>       $sprays  degrees, negative to left
     * @param list<float>       $sines   of the directions
     * @param list<float>       $cosines
     * @param list<float>       $weights by direction times speeds, in one row; together 1
     * @param list<list<float>> $seconds by speed, then look; INF where the ball has stopped
     * @param list<list<float>> $paces   ft/s of the ball there, likewise
     */
    private function __construct(
        public array $sprays,
        public array $sines,
        public array $cosines,
        public array $weights,
        public array $seconds,
        public array $paces,
    ) {}

    public static function of(Batter $batter, RuleSet $rules, LevelProfile $level): self
    {
        $sprays = $sines = $cosines = $share = [];
        for ($direction = 0; $direction < self::DIRECTIONS; ++$direction) {
            $degrees = -45.0 + self::DEGREES * $direction;
            $sprays[] = $degrees;
            $sines[] = sin(deg2rad($degrees));
            $cosines[] = cos(deg2rad($degrees));
            $share[] = Spray::of($batter)->density($degrees);
        }
        $seconds = $paces = $likely = [];
        for ($speed = 0; $speed < self::SPEEDS; ++$speed) {
            $away = ($speed - intdiv(self::SPEEDS, 2)) / 2;
            $ball = RollingBall::groundBall(
                Speed::ofMph($level->groundBallSpeed * (1 + self::SPREAD * $away)),
                $rules->surface,
            );
            $likely[] = exp(-($away ** 2) / 2);
            $row = $pace = [];
            for ($look = 0; $look < self::LOOKS; ++$look) {
                $row[] = $ball->secondsTo(self::FIRST_LOOK + self::STEP * $look) ?? \INF;
                $pace[] = $ball->speedAfter($row[$look]);
            }
            $seconds[] = $row;
            $paces[] = $pace;
        }
        $whole = array_sum($share) * array_sum($likely);
        $weights = [];
        foreach ($share as $one) {
            foreach ($likely as $other) {
                $weights[] = ($one * $other) / $whole;
            }
        }

        return new self($sprays, $sines, $cosines, $weights, $seconds, $paces);
    }
}
