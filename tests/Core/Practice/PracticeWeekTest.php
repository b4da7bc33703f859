<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Practice\Build\FieldPart;
use FoxCorner\Core\Practice\Build\Helpers;
use FoxCorner\Core\Practice\Build\Means;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Practice\Floor\Week;
use FoxCorner\Core\Practice\Floor\Work;
use FoxCorner\Core\Practice\Need\FloorMet;
use FoxCorner\Core\Practice\Need\StandingDemand;
use FoxCorner\Core\Practice\Schedule\Decided;
use FoxCorner\Core\Practice\Schedule\PracticeDay;
use FoxCorner\Core\Practice\Schedule\PracticeWeek;
use FoxCorner\Core\Practice\Schedule\Schedule;
use FoxCorner\Core\Practice\Schedule\SolvedDay;
use FoxCorner\Core\Practice\Time\TimePlan;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;

final class PracticeWeekTest extends TestCase
{
    public function testWhatIsLightIsTheDayBeforeTheGameAndTheDayAfterAHardOne(): void
    {
        $light = static fn(?float $game, float ...$inDays): array => array_map(
            (new PracticeWeek([], array_values($inDays), $game))->isLight(...),
            array_keys(array_values($inDays)),
        );

        self::assertSame([false, false, true], $light(5.0, 0.0, 2.0, 4.0));
        self::assertSame([false, true, false], $light(null, 0.0, 1.0, 2.0), 'nothing is hard twice running');
        self::assertSame([false], $light(0.0, 0.0), 'on the day itself it is too late to be careful');
        self::assertSame([false], $light(3.0, 0.0));
    }

    public function testAWeekMeetsItsFloorsAndKeepsItsCaps(): void
    {
        $rules = ShippedRuleSets::get('fastpitch-43');
        $players = [...Teams::nine(), ...\array_slice(Teams::fifteen(), 9)];
        $players[0] = $players[0]->throwing(12);
        $day = PracticeDay::of(
            $rules,
            Level::Fastpitch16,
            $players,
            new Means(Helpers::of(3), Practices::SHED),
            TimePlan::within(90),
            [],
            ShippedDrills::all(),
        );
        $solved = (new PracticeWeek([$day, $day], [0.0, 4.0], 5.0))->solve(
            [],
            StandingDemand::of($rules),
            ShippedDrills::all(),
        );
        $schedules = array_map(static fn(SolvedDay $one): Schedule => $one->schedule, $solved);
        $taught = array_merge(...array_map(static fn(SolvedDay $one): array => $one->taught(), $solved));
        $shares = array_map(
            static fn(FloorMet $one): float => $one->share(),
            FloorMet::all($players, new Week(AgeGroup::Older, 90), $taught, ShippedDrills::all()),
        );

        self::assertGreaterThan(0.85, array_sum($shares) / \count($shares));
        foreach ($schedules as $index => $schedule) {
            self::assertLessThanOrEqual(
                [75, 38][$index],
                max([0, ...array_values($schedule->throws())]),
                'half before a game',
            );
            self::assertLessThanOrEqual(12, $schedule->throws()[$players[0]->id] ?? 0, 'his arm has so many');
            self::assertLessThanOrEqual(12, max([0, ...array_values($schedule->sprints())]));
            foreach ($schedule->rounds as $round) {
                self::assertSame([], $round->idle);
                foreach ($round->turns as $turn) {
                    self::assertLessThanOrEqual(16, $turn->reps * $turn->drill->throwsPerRep);
                    self::assertLessThanOrEqual(40, $turn->reps);
                }
            }
        }
        $drills = static fn(Schedule $one): array => array_unique(
            array_merge(...array_map(static fn($round): array => array_keys($round->stations()), $one->rounds)),
        );
        self::assertSame([], array_diff($drills($schedules[1]), $drills($schedules[0])), 'nothing new before a game');
    }

    public function testTheWeekAsAWholeIsMoreThanOneAfterTheOther(): void
    {
        // The coach wants fours and nothing else on the second day: the first makes room for what it will lack.
        $fours = array_intersect_key(ShippedDrills::all(), ['fours-feed-and-pivot' => true]);
        $week = new PracticeWeek(
            [self::day(minutes: 40), self::day(decided: new Decided($fours), minutes: 40)],
            [0.0, 3.0],
        );
        $shares = $idle = [];
        foreach ($week->search([], StandingDemand::of(self::rules()), ShippedDrills::all()) as $best) {
            if (2 === \count($best)) {
                $shares[] = $week->share($best);
                $idle[] = array_sum(array_map(static fn(SolvedDay $one): int => $one->schedule->idle(), $best));
            }
        }

        self::assertSame($week->steps() - 1, \count($shares));
        self::assertLessThanOrEqual($idle[0], $idle[2], 'nobody waits more');
        self::assertGreaterThan($shares[0] + 0.015, $shares[2]);
        self::assertGreaterThan(0.8, $shares[0]);
    }

    public function testWhatAHallHasNoRoomForIsAskedOfTheWeekAllTheSame(): void
    {
        $flies = static fn(FieldPart ...$parts): array => array_values(
            array_unique(
                array_map(
                    static fn(FloorMet $floor): int => $floor->wanted,
                    array_filter(
                        (new PracticeWeek(
                            array_map(
                                static fn(FieldPart $part): PracticeDay => self::day($part),
                                array_values($parts),
                            ),
                            [0.0, 3.0],
                        ))->floors([]),
                        static fn(FloorMet $floor): bool => Work::Flies === $floor->work,
                    ),
                ),
            ),
        );

        self::assertSame([14], $flies(FieldPart::Whole, FieldPart::Hall), '20 a week, 60 of 90 minutes');
        self::assertSame([], $flies(FieldPart::Hall, FieldPart::Hall));
    }

    private static function day(
        FieldPart $part = FieldPart::Whole,
        ?Decided $decided = null,
        int $minutes = 60,
    ): PracticeDay {
        return PracticeDay::of(
            self::rules(),
            Level::Fastpitch16,
            Teams::fifteen(),
            new Means(Helpers::of(2), Practices::SHED, $part),
            TimePlan::within($minutes),
            [],
            ShippedDrills::all(),
            $decided,
        );
    }

    private static function rules(): RuleSet
    {
        return ShippedRuleSets::get('fastpitch-43');
    }
}
