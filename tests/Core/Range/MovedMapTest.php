<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Range;

use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\Cast;
use FoxCorner\Core\Range\RangeMap;
use FoxCorner\Core\Range\RangeSummary;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A map with one fielder elsewhere takes over most of the one before: it must be the map made anew. */
final class MovedMapTest extends TestCase
{
    private const SAME = 1e-12;

    /** Who goes, and by how many feet to the right and out: one after the other, some far, some back again. */
    private const WALK = [
        [Position::SecondBase, 3.0, -2.0],
        [Position::Shortstop, -4.5, 1.5],
        [Position::FirstBase, 5.0, 6.0],
        [Position::SecondBase, -3.0, 2.0],
        [Position::ThirdBase, 2.5, 12.0],
        [Position::Pitcher, 1.0, -1.0],
        [Position::CenterField, 20.0, 30.0],
        [Position::Shortstop, 14.0, -20.0],
        [Position::Catcher, -1.5, 2.0],
        [Position::SecondBase, -18.0, -9.0],
    ];

    #[TestWith(['fastpitch-43', 'R1-0', Level::Fastpitch16])]
    #[TestWith(['baseball-90', 'loaded-1', Level::HighSchool])]
    #[TestWith(['baseball-60', 'R3-1', Level::Youth10])]
    #[TestWith(['baseball-90', 'none-2', Level::Pro])]
    #[TestWith(['fastpitch-35', 'R1R2-0', Level::Fastpitch12])]
    public function testAMovedMapIsTheMapMadeAnew(string $rules, string $situation, Level $level): void
    {
        $plan = Teams::plan(Teams::state($rules, $situation), $level);
        $scene = $plan->scene(Teams::cost($level));
        [$map, $cast] = [RangeMap::of($scene), $plan->cast];
        $coarse = $map->coarse($cast);
        foreach (self::WALK as $step => [$who, $right, $out]) {
            $cast = $cast->moved($who, $cast->at($who)->start->plus($right, $out));
            [$map, $coarse] = [$map->moved($cast, $who), $coarse->moved($cast, $who)];
            $anew = RangeMap::of($scene->with($cast));

            self::assertEquals([], self::apart($anew->summary, $map->summary), "step $step");
            self::assertEquals([], self::apart($anew->coarse($cast)->summary, $coarse->summary), "step $step, roughly");
        }
    }

    public function testSomebodyElseAtTheBagIsFelt(): void
    {
        $plan = Teams::plan(Teams::state('baseball-90', 'R1-0'), Level::HighSchool);
        $scene = $plan->scene(Teams::cost(Level::HighSchool));
        // So far off that the second baseman is at first before him.
        $cast = self::away($plan->cast);
        $map = RangeMap::of($scene)->moved($cast, Position::FirstBase);

        self::assertEquals([], self::apart(RangeMap::of($scene->with($cast))->summary, $map->summary));
        self::assertGreaterThan(RangeMap::of($scene)->summary->cost + 0.05, $map->summary->cost);
    }

    private static function away(Cast $cast): Cast
    {
        return $cast->moved(Position::FirstBase, $cast->at(Position::FirstBase)->start->plus(-20.0, 90.0));
    }

    /** @return array<string, array{mixed, mixed}> the figures that are not the same */
    private static function apart(RangeSummary $one, RangeSummary $other): array
    {
        $apart = [];
        $others = get_object_vars($other);
        foreach (get_object_vars($one) as $name => $value) {
            $with = $others[$name];
            foreach (\is_array($value) ? $value : [$value] as $index => $figure) {
                $same = \is_array($with) ? $with[$index] ?? null : $with;
                if (\is_float($figure) && !(\is_float($same) && abs($figure - $same) <= self::SAME)) {
                    $apart["$name $index"] = [$figure, $same];
                }
            }
        }

        return $apart;
    }
}
