<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

use FoxCorner\Core\Runs\PlayCost;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\People\LevelProfile;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast;
use FoxCorner\Core\Play\CastMember;

/** Works out what an alignment gets of a batter's ground balls, and again quickly when one fielder moves. */
final readonly class RangeMap
{
    /** Who fields ground balls. */
    public const INFIELD = [Position::Pitcher, Position::FirstBase, Position::SecondBase, Position::ThirdBase, Position::Shortstop];
    /** A direction with a smaller chance of an out belongs to a hole. */
    private const HOLE_BELOW = 0.5;
    /** Of the speeds, the level's ordinary one. */
    private const ORDINARY_SPEED = 4;

    /** @param array<int, Reach> $reaches by position number */
    private function __construct(public RangeSummary $summary, private array $reaches, private Setting $setting)
    {
    }

    public static function of(GameState $state, LevelProfile $level, Cast $cast, PlayCost $cost): self
    {
        $setting = Setting::of($state, $level, $cost);
        $reaches = [];
        foreach (self::INFIELD as $position) {
            $reaches[$position->value] = Reach::of($cast->at($position), $setting->balls, $level->motion);
        }

        return self::fromReaches($setting, $cast, $reaches);
    }

    /** The map with one fielder somewhere else; only that one's reach is reckoned anew. */
    public function moved(Cast $cast, Position $position): self
    {
        $reaches = $this->reaches;
        $reaches[$position->value] = Reach::of($cast->at($position), $this->setting->balls, $this->setting->level->motion);

        return self::fromReaches($this->setting, $cast, $reaches);
    }

    /** @param array<int, Reach> $reaches */
    private static function fromReaches(Setting $setting, Cast $cast, array $reaches): self
    {
        $outs = $two = $run = $cost = 0.0;
        $byDirection = $fans = [];
        $plays = new InfieldPlays($setting, $cast);
        $costs = $setting->costs;
        for ($direction = 0; $direction < GroundBalls::DIRECTIONS; ++$direction) {
            $weighed = $whole = 0.0;
            for ($speed = 0; $speed < GroundBalls::SPEEDS; ++$speed) {
                $index = $direction * GroundBalls::SPEEDS + $speed;
                $weight = $setting->balls->weights[$index];
                $whole += $weight;
                [$by, $look] = self::first($reaches, $index);
                if (null === $by) {
                    $cost += $weight * $costs->through;
                    $run += $weight;
                    continue;
                }
                [$out, $double, $scores, $spent] = $plays->play($by, $direction, $speed, $look);
                $weighed += $weight * $out;
                $two += $weight * $double;
                $run += $weight * $scores;
                $cost += $weight * $spent;
                if (self::ORDINARY_SPEED === $speed && $out >= self::HOLE_BELOW) {
                    $fans[$by->position->value][] = [$direction, $look];
                }
            }
            $outs += $weighed;
            $byDirection[] = $weighed / $whole;
        }
        $summary = new RangeSummary(
            $outs, $setting->isTwoOn ? $two : null, $setting->isRunOn ? $run : null, $cost, $costs->unit,
            $byDirection, $setting->balls->sprays, self::holes($setting, $cast, $byDirection), array_map(static fn(array $reached): array => self::fan($setting, $reached), $fans),
        );

        return new self($summary, $reaches, $setting);
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
     * The fielder who has a ball earliest along its way.
     *
     * @param array<int, Reach> $reaches
     *
     * @return array{CastMember|null, int}
     */
    private static function first(array $reaches, int $index): array
    {
        $by = null;
        $earliest = \PHP_INT_MAX;
        foreach ($reaches as $reach) {
            $look = $reach->looks[$index];
            if (Reach::NEVER !== $look && $look < $earliest) {
                [$by, $earliest] = [$reach->who, $look];
            }
        }

        return [$by, $earliest];
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
        $depth = array_sum(array_map(static fn(?int $number): float => null === $number ? 0.0 : $standing[$number]->distanceTo(Point::home()), [$left, $right])) / max(1, (int) (null !== $left) + (int) (null !== $right));
        $through = 0.0;
        for ($direction = $from; $direction <= $to; ++$direction) {
            $weight = array_sum(\array_slice($setting->balls->weights, $direction * GroundBalls::SPEEDS, GroundBalls::SPEEDS));
            $through += 100 * $weight * (1 - $outChance[$direction]);
        }

        return new Hole(
            $sprays[$from], $sprays[$to],
            null === $left ? null : Position::from($left), null === $right ? null : Position::from($right),
            deg2rad($sprays[$to] - $sprays[$from] + GroundBalls::DEGREES) * $depth, $through,
        );
    }
}
