<?php

declare(strict_types=1);

namespace FoxCorner\Bench;

use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\People\Traits;
use FoxCorner\Core\Practice\Build\FieldPart;
use FoxCorner\Core\Practice\Build\Helpers;
use FoxCorner\Core\Practice\Build\Means;
use FoxCorner\Core\Practice\Drill\Pace;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Practice\Floor\Week;
use FoxCorner\Core\Practice\Floor\Work;
use FoxCorner\Core\Practice\Need\FloorMet;
use FoxCorner\Core\Practice\Need\Grade;
use FoxCorner\Core\Practice\Need\StandingDemand;
use FoxCorner\Core\Practice\Schedule\PracticeDay;
use FoxCorner\Core\Practice\Schedule\PracticeWeek;
use FoxCorner\Core\Practice\Schedule\ReadyDay;
use FoxCorner\Core\Practice\Schedule\Schedule;
use FoxCorner\Core\Practice\Schedule\Scheduler;
use FoxCorner\Core\Practice\Schedule\SolvedDay;
use FoxCorner\Core\Practice\Time\TimePlan;

/**
 * Nine kinds of team, eight practices each, one every three and a half days, all graded "holds": what becomes of their
 * floors, of the infielders' ground balls, and how many rounds somebody waits.
 */
final class PracticeWeeks
{
    private const PRACTICES = 8;
    private const DAYS = 3.5;
    private const SHED = ['bucket of balls' => 4, 'bag' => 4, 'net' => 1, 'screen' => 1, 'helmet' => 4, 'cone' => 12];

    /**
     * Level, rule set, players, helpers, minutes, place, and who throws softly.
     *
     * @return array<string, array{Level, string, int, int, int, FieldPart, list<int>}>
     */
    private static function teams(): array
    {
        $whole = FieldPart::Whole;

        return [
            '11 children, one coach, 60 min' => [Level::Youth10, 'baseball-60', 11, 1, 60, $whole, []],
            'fastpitch 12U, 12, 90 min' => [Level::Fastpitch12, 'fastpitch-35', 12, 3, 90, $whole, []],
            'baseball 13–14, 13, 90 min' => [Level::Youth13, 'baseball-80', 13, 3, 90, $whole, []],
            'fastpitch 16U, 14, two limits, 75 min' => [Level::Fastpitch16, 'fastpitch-43', 14, 3, 75, $whole, [3, 5]],
            'high school, 18, 110 min' => [Level::HighSchool, 'baseball-90-7', 18, 4, 110, $whole, []],
            'high school, 20, 110 min' => [Level::HighSchool, 'baseball-90-7', 20, 6, 110, $whole, []],
            'college, 9, 45 min' => [Level::College, 'baseball-90', 9, 2, 45, $whole, []],
            'six in a hall, 60 min' => [Level::Fastpitch16, 'fastpitch-43', 6, 1, 60, FieldPart::Hall, []],
            'high school, 14, 90 min' => [Level::HighSchool, 'baseball-90-7', 14, 3, 90, $whole, []],
        ];
    }

    public static function print(int $seeds = 1, ?string $only = null): void
    {
        printf(
            "\n%-40s %6s %6s %7s %6s %6s %5s %7s %6s %6s %6s %6s %6s\n",
            'teams over eight practices',
            'floors',
            'below',
            '4, 5, 6',
            'feeds',
            'pivots',
            'idle',
            'helping',
            'line',
            'throws',
            'kinds',
            's each',
            'bound',
        );
        foreach (null === $only ? self::teams() : [$only => self::teams()[$only]] as $name => $team) {
            for ($seed = 1; $seed <= $seeds; ++$seed) {
                printf(
                    "%-40s %6.2f %6d %7.1f %6.1f %6.1f %5d %7.2f %6.2f %6d %6d %6.1f %6.2f\n",
                    $name,
                    ...self::season($team, $seed),
                );
            }
        }
    }

    /**
     * @param array{Level, string, int, int, int, FieldPart, list<int>} $team
     *
     * @return list<float> share of floors met a week, of them how many below .8, infielders' balls, feeds and pivots a
     *                     practice, rounds in which somebody waits, the most that somebody helps in a practice's
     *                     rounds, share of a round in a line, most throws and most kinds of station in a practice,
     *                     seconds, worth of the first as a share of its bound
     */
    private static function season(array $team, int $seed): array
    {
        [$level, $rules, $count, $helpers, $minutes, $part, $sore] = $team;
        [$players, $set, $age] = [self::players($count, $sore), ShippedRuleSets::get($rules), AgeGroup::of($level)];
        $start = hrtime(true);
        $day = PracticeDay::of(
            $set,
            $level,
            $players,
            new Means(Helpers::of($helpers), self::SHED, $part),
            TimePlan::within($minutes),
            [],
            ShippedDrills::all(),
        );
        $week = new PracticeWeek(
            array_fill(0, self::PRACTICES, $day),
            array_map(static fn(int $index): float => $index * self::DAYS, range(0, self::PRACTICES - 1)),
            grade: Grade::Well,
        );
        $schedules = array_map(
            static fn(SolvedDay $day): Schedule => $day->schedule,
            $week->solve([], StandingDemand::of($set), ShippedDrills::all(), $seed),
        );
        $seconds = (hrtime(true) - $start) / 1e9 / self::PRACTICES;

        return [
            ...self::judged($players, $schedules, new Week($age, $minutes, isIndoors: FieldPart::Hall === $part)),
            ...self::fair($schedules),
            $seconds,
            $schedules[0]->objective / self::bound($day->ready(StandingDemand::of($set), ShippedDrills::all())),
        ];
    }

    /** The tightest that can be had: by the solver where it is installed. */
    private static function bound(ReadyDay $ready): float
    {
        $own = Scheduler::bound($ready->request);

        return min($own, RelaxedSchedule::bound(Scheduler::problemOf($ready->request)) ?? $own);
    }

    /**
     * @param list<RosterPlayer> $players
     * @param list<Schedule>     $schedules
     *
     * @return list<float>
     */
    private static function judged(array $players, array $schedules, Week $week): array
    {
        $met = $all = $below = 0;
        $does = [Work::Fielded->value => [0, 0], Work::Feeds->value => [0, 0], Work::Pivots->value => [0, 0]];
        foreach (array_chunk($schedules, 2) as $two) {
            $taught = array_merge(...array_map(static fn(Schedule $one): array => $one->taught($week->age), $two));
            foreach (FloorMet::all($players, $week, $taught, ShippedDrills::all()) as $floor) {
                $met += $floor->share();
                $below += (int) ($floor->share() < 0.8);
                ++$all;
                if (isset($does[$floor->work->value]) && $floor->player->positions[0]->value > 3) {
                    $does[$floor->work->value][0] += $floor->had / 2;
                    ++$does[$floor->work->value][1];
                }
            }
        }

        return [
            $met / $all,
            $below,
            ...array_map(static fn(array $one): float => $one[0] / max(1, $one[1]), array_values($does)),
        ];
    }

    /**
     * @param list<Schedule> $schedules
     *
     * @return list<float>
     */
    private static function fair(array $schedules): array
    {
        $idle = $helping = $line = $turns = $throws = $kinds = 0;
        foreach ($schedules as $schedule) {
            $helps = $ran = [];
            foreach ($schedule->rounds as $round) {
                $idle += \count($round->idle);
                foreach ($round->helping as $turn) {
                    $helps[$turn->player->id] = ($helps[$turn->player->id] ?? 0) + 1;
                }
                foreach ($round->stations() as $key => $group) {
                    $ran[$key] = true;
                    $drill = $group[0]->drill;
                    $together = $drill->together(\count($group));
                    $line += \count($group) * Pace::inLine($together, $drill->atOnce, $drill->secondsPerRep);
                    $turns += \count($group);
                }
            }
            $helping = max($helping, max([0, ...array_values($helps)]) / \count($schedule->rounds));
            $throws = max($throws, ...array_values($schedule->throws()));
            $kinds = max($kinds, \count($ran));
        }

        return [$idle, $helping, $line / max(1, $turns), $throws, $kinds];
    }

    /**
     * @param list<int> $sore numbers of those who throw softly
     *
     * @return list<RosterPlayer>
     */
    private static function players(int $count, array $sore): array
    {
        $order = [6, 4, 3, 5, 1, 2, 8, 7, 9, 4, 6, 1, 5, 8, 3, 2, 7, 9, 1, 6];

        return array_map(
            static fn(int $number): RosterPlayer => (new RosterPlayer(
                "p$number",
                "P$number",
                (string) $number,
                [Position::ofNumber($order[$number - 1]), Position::ofNumber(($order[$number - 1] % 9) + 1)],
                Traits::unknown(),
            ))->limitedTo(\in_array($number, $sore, true) ? Limit::SoftThrowing : Limit::None),
            range(1, $count),
        );
    }
}
