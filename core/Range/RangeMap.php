<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Motion\MotionProfile;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\Cast;
use FoxCorner\Core\Play\Cast\CastMember;
use FoxCorner\Core\Runs\PlayCost;

/** Works out what an alignment gets of a batter's ground balls, and again quickly when one fielder moves. */
final readonly class RangeMap
{
    /** Who fields ground balls. */
    public const INFIELD = [
        Position::Pitcher,
        Position::FirstBase,
        Position::SecondBase,
        Position::ThirdBase,
        Position::Shortstop,
    ];
    /** A direction with a smaller chance of an out belongs to a hole. */
    private const HOLE_BELOW = 0.5;
    /** Of the speeds, the level's ordinary one. */
    private const ORDINARY_SPEED = 4;

    /**
     * @param array<int, Reach> $reaches by position number
     * @param list<BallFielded> $fielded by direction times speeds, in one row
     */
    private function __construct(
        public RangeSummary $summary,
        private array $reaches,
        private Setting $setting,
        private InfieldPlays $plays,
        private array $fielded,
    ) {}

    public static function of(GameState $state, LevelProfile $level, Cast $cast, PlayCost $cost): self
    {
        $setting = Setting::of($state, $level, $cost);
        $reaches = [];
        foreach (self::INFIELD as $position) {
            $reaches[$position->value] = Reach::of(
                self::reacting($cast->at($position), $level->motion),
                $setting->balls,
                $level->motion,
            );
        }

        return self::fromReaches($setting, $cast, $reaches);
    }

    /** The map with one fielder somewhere else; only his reach is reckoned anew, and the balls that change hands. */
    public function moved(Cast $cast, Position $position): self
    {
        $reaches = $this->reaches;
        if (isset($reaches[$position->value])) {
            $reaches[$position->value] = Reach::of(
                self::reacting($cast->at($position), $this->setting->level->motion),
                $this->setting->balls,
                $this->setting->level->motion,
            );
        }

        return self::fromReaches($this->setting, $cast, $reaches, $this, $position);
    }

    /** Nobody knows where a ground ball will go. */
    private static function reacting(CastMember $who, MotionProfile $motion): CastMember
    {
        return $who->leaving(max($motion->infieldReaction, $who->reaction));
    }

    /**
     * @param array<int, Reach> $reaches
     * @param self|null         $before  the map before one fielder moved
     * @param Position|null     $moved   who did
     */
    private static function fromReaches(
        Setting $setting,
        Cast $cast,
        array $reaches,
        ?self $before = null,
        ?Position $moved = null,
    ): self {
        $plays = new InfieldPlays($setting, $cast);
        $keeps = null !== $before && $plays->coversAs($before->plays);
        $first = self::first($reaches);
        $fielded = [];
        for ($index = 0; $index < GroundBalls::DIRECTIONS * GroundBalls::SPEEDS; ++$index) {
            $reach = $first[$index] ?? null;
            $old = $keeps ? $before->fielded[$index] : null;
            // What somebody does with a ball that stays his is the same, unless it is he who has moved.
            if (null !== $old && $old->by === $reach?->who->position && (null === $reach || $old->by !== $moved)) {
                $fielded[] = $old;
            } else {
                $fielded[] = self::play($setting, $plays, $reach, $index, $moved, $before?->fielded[$index]);
            }
        }

        return new self(self::summary($setting, $cast, $fielded), $reaches, $setting, $plays, $fielded);
    }

    /**
     * @param Reach|null    $first whose ball it is
     * @param Position|null $moved whose chances are others than before
     */
    private static function play(
        Setting $setting,
        InfieldPlays $plays,
        ?Reach $first,
        int $index,
        ?Position $moved,
        ?BallFielded $before,
    ): BallFielded {
        if (null === $first) {
            return new BallFielded(null, Reach::NEVER, null, 0.0, 0.0, 1.0, $setting->costs->through);
        }
        [$by, $look] = [$first->who, $first->looks[$index]];
        $isSame =
            null !== $before?->chances &&
            $by->position === $before->by &&
            $by->position !== $moved &&
            $look === $before->look;
        $chances = $isSame
            ? $before->chances
            : $plays->chances($by, intdiv($index, GroundBalls::SPEEDS), $index % GroundBalls::SPEEDS, $look);

        return $plays->made($by->position, $look, $chances);
    }

    /** @param list<BallFielded> $fielded */
    private static function summary(Setting $setting, Cast $cast, array $fielded): RangeSummary
    {
        $outs = $two = $run = $cost = 0.0;
        $byDirection = $fans = [];
        for ($direction = 0; $direction < GroundBalls::DIRECTIONS; ++$direction) {
            $weighed = $whole = 0.0;
            for ($speed = 0; $speed < GroundBalls::SPEEDS; ++$speed) {
                $index = $direction * GroundBalls::SPEEDS + $speed;
                $weight = $setting->balls->weights[$index];
                $ball = $fielded[$index];
                $whole += $weight;
                $weighed += $weight * $ball->out;
                $two += $weight * $ball->two;
                $run += $weight * $ball->thirdScores;
                $cost += $weight * $ball->cost;
                if (self::ORDINARY_SPEED === $speed && null !== $ball->by && $ball->out >= self::HOLE_BELOW) {
                    $fans[$ball->by->value][] = [$direction, $ball->look];
                }
            }
            $outs += $weighed;
            $byDirection[] = $weighed / $whole;
        }

        return new RangeSummary(
            $outs,
            $setting->isTwoOn ? $two : null,
            $setting->isRunOn ? $run : null,
            $cost,
            $setting->costs->unit,
            $byDirection,
            $setting->balls->sprays,
            self::holes($setting, $cast, $byDirection),
            array_map(static fn(array $reached): array => self::fan($setting, $reached), $fans),
        );
    }

    /**
     * @param list<array{int, int}> $reached directions and looks
     *
     * @return list<Point> where an ordinary ground ball is fielded, from left to right
     */
    private static function fan(Setting $setting, array $reached): array
    {
        return array_map(static function (array $one) use ($setting): Point {
            $along = GroundBalls::FIRST_LOOK + GroundBalls::STEP * $one[1];

            return Point::of($along * $setting->balls->sines[$one[0]], $along * $setting->balls->cosines[$one[0]]);
        }, $reached);
    }

    /**
     * The fielders who have the balls earliest along their ways.
     *
     * @param array<int, Reach> $reaches
     *
     * @return array<int, Reach> by index; those that nobody has are left out
     */
    private static function first(array $reaches): array
    {
        $first = $earliest = [];
        foreach ($reaches as $reach) {
            foreach ($reach->looks as $index => $look) {
                if (Reach::NEVER !== $look && $look < ($earliest[$index] ?? \PHP_INT_MAX)) {
                    $first[$index] = $reach;
                    $earliest[$index] = $look;
                }
            }
        }

        return $first;
    }

    /**
     * @param list<float> $outChance
     *
     * @return list<Hole>
     */
    private static function holes(Setting $setting, Cast $cast, array $outChance): array
    {
        $standing = [];
        foreach (self::INFIELD as $position) {
            if (Position::Pitcher !== $position) {
                $standing[$position->value] = $cast->at($position)->start;
            }
        }
        uasort($standing, static fn(Point $a, Point $b): int => $a->sprayDegrees() <=> $b->sprayDegrees());
        $holes = [];
        $from = null;
        foreach ([...$outChance, 1.0] as $direction => $chance) {
            if ($chance < self::HOLE_BELOW) {
                $from ??= $direction;
                continue;
            }
            if (null !== $from) {
                $holes[] = self::hole($setting, $standing, $from, $direction - 1, $outChance);
                $from = null;
            }
        }
        usort($holes, static fn(Hole $a, Hole $b): int => $b->through <=> $a->through);

        return $holes;
    }

    /**
     * @param array<int, Point> $standing  left to right, by position number
     * @param list<float>       $outChance
     */
    private static function hole(Setting $setting, array $standing, int $from, int $to, array $outChance): Hole
    {
        $sprays = $setting->balls->sprays;
        $middle = ($sprays[$from] + $sprays[$to]) / 2;
        $left = $right = null;
        foreach ($standing as $number => $point) {
            if ($point->sprayDegrees() <= $middle) {
                $left = $number;
            } else {
                $right ??= $number;
            }
        }
        $depth =
            array_sum(
                array_map(
                    static fn(?int $number): float => null === $number
                        ? 0.0
                        : $standing[$number]->distanceTo(Point::home()),
                    [$left, $right],
                ),
            ) / max(1, (int) (null !== $left) + (int) (null !== $right));
        $through = 0.0;
        for ($direction = $from; $direction <= $to; ++$direction) {
            $weight = array_sum(
                \array_slice($setting->balls->weights, $direction * GroundBalls::SPEEDS, GroundBalls::SPEEDS),
            );
            $through += 100 * $weight * (1 - $outChance[$direction]);
        }

        return new Hole(
            $sprays[$from],
            $sprays[$to],
            null === $left ? null : Position::from($left),
            null === $right ? null : Position::from($right),
            deg2rad($sprays[$to] - $sprays[$from] + GroundBalls::DEGREES) * $depth,
            $through,
        );
    }
}
