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
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Practice\Floor\Floors;
use FoxCorner\Core\Practice\Floor\Week;
use FoxCorner\Core\Practice\Floor\Work;
use FoxCorner\Core\Practice\Need\Grade;
use FoxCorner\Core\Practice\Need\StandingDemand;
use FoxCorner\Core\Practice\Need\Taught;
use FoxCorner\Core\Practice\Schedule\PracticeDay;
use FoxCorner\Core\Practice\Schedule\Schedule;
use FoxCorner\Core\Practice\Schedule\Scheduler;
use FoxCorner\Core\Practice\Team\TeamDefence;
use FoxCorner\Core\Practice\Time\BlockKind;
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

    public static function print(int $seeds = 1): void
    {
        printf(
            "\n%-40s %6s %6s %6s %6s %7s %6s %7s\n",
            'teams over eight practices',
            'floors',
            'below',
            '4, 5, 6',
            'feeds',
            'pivots',
            'idle',
            's each',
        );
        foreach (self::teams() as $name => $team) {
            for ($seed = 1; $seed <= $seeds; ++$seed) {
                printf("%-40s %6.2f %6d %6.1f %6.1f %7.1f %6d %7.1f\n", $name, ...self::season($team, $seed));
            }
        }
    }

    /**
     * @param array{Level, string, int, int, int, FieldPart, list<int>} $team
     *
     * @return list<float> share of floors met a week, of them how many below .8, infielders' balls, feeds and pivots a
     *                     practice, rounds in which somebody waits, seconds
     */
    private static function season(array $team, int $seed): array
    {
        [$level, $rules, $count, $helpers, $minutes, $part, $sore] = $team;
        $players = self::players($count, $sore);
        $history = $weeks = [];
        $idle = 0;
        $start = hrtime(true);
        for ($practice = 0; $practice < self::PRACTICES; ++$practice) {
            $past = array_map(
                static fn(array $one): Taught => new Taught(
                    $one[0],
                    $one[1],
                    $one[2],
                    $one[3],
                    ($practice - $one[4]) * self::DAYS,
                    Grade::Well,
                ),
                $history,
            );
            $schedule = self::practice($level, $rules, $players, $helpers, $minutes, $part, $past, $seed);
            foreach (self::turns($schedule, AgeGroup::of($level)) as [$player, $drill, $position, $reps]) {
                $history[] = [$player, $drill, $position, $reps, $practice];
                $skills = ShippedDrills::get($drill)->serves[$position->value] ?? [];
                foreach (Work::given($position, $skills) as $work) {
                    $weeks[intdiv($practice, 2)][$player][$work->value] ??= 0;
                    $weeks[intdiv($practice, 2)][$player][$work->value] += $reps;
                }
            }
            foreach ($schedule->rounds as $round) {
                $idle += \count($round->idle);
            }
        }
        $seconds = (hrtime(true) - $start) / 1e9 / self::PRACTICES;

        return [...self::judged($players, $weeks, $level, $minutes, $part), $idle, $seconds];
    }

    /**
     * @param list<RosterPlayer> $players
     * @param list<Taught>       $past
     */
    private static function practice(
        Level $level,
        string $rules,
        array $players,
        int $helpers,
        int $minutes,
        FieldPart $part,
        array $past,
        int $seed,
    ): Schedule {
        $set = ShippedRuleSets::get($rules);
        $day = PracticeDay::of(
            $set,
            $level,
            $players,
            new Means(Helpers::of($helpers), self::SHED, $part),
            TimePlan::within($minutes),
            $past,
            ShippedDrills::all(),
        );
        $needs = $day->needs(StandingDemand::of($set));

        return Scheduler::solve($day->request($needs, $day->choice()->of($needs, ShippedDrills::all()), seed: $seed));
    }

    /** @return list<array{string, string, Position, int}> */
    private static function turns(Schedule $schedule, AgeGroup $age): array
    {
        $turns = [];
        foreach ($schedule->core->taught() as $taught) {
            $turns[] = [$taught->player, $taught->drill, $taught->position, $taught->reps];
        }
        $players = array_column(
            array_map(static fn(Taught $one): array => [$one->player, $one->position], $schedule->core->taught()),
            1,
            0,
        );
        foreach (
            TeamDefence::taught($players, $schedule->time->minutesOf(BlockKind::TeamDefence), $age, 0.0) as $taught
        ) {
            $turns[] = [$taught->player, $taught->drill, $taught->position, $taught->reps];
        }
        foreach ($schedule->rounds as $round) {
            foreach ($round->turns as $turn) {
                $turns[] = [$turn->player->id, $turn->drill->key, $turn->position, $round->repetitions($turn->drill)];
            }
        }

        return $turns;
    }

    /**
     * @param list<RosterPlayer>                            $players
     * @param array<int, array<string, array<string, int>>> $weeks   by week, player and work
     *
     * @return list<float>
     */
    private static function judged(array $players, array $weeks, Level $level, int $minutes, FieldPart $part): array
    {
        $met = $all = $below = $balls = $feeds = $pivots = $infielders = $middle = 0;
        foreach ($weeks as $week) {
            foreach ($players as $player) {
                $has = static fn(Work $work): int => $week[$player->id][$work->value] ?? 0;
                $floors = Floors::of(
                    $player,
                    new Week(AgeGroup::of($level), $minutes, isIndoors: FieldPart::Hall === $part),
                );
                foreach ($floors[$player->positions[0]->value] ?? [] as $work => $wanted) {
                    $share = min(1.0, $has(Work::from($work)) / $wanted);
                    $met += $share;
                    $below += (int) ($share < 0.8);
                    ++$all;
                }
                if (\in_array($player->positions[0]->value, [4, 5, 6], true)) {
                    $balls += $has(Work::Fielded) / 2;
                    ++$infielders;
                }
                if (\in_array($player->positions[0]->value, [4, 6], true)) {
                    $feeds += $has(Work::Feeds) / 2;
                    $pivots += $has(Work::Pivots) / 2;
                    ++$middle;
                }
            }
        }

        return [$met / $all, $below, $balls / $infielders, $feeds / $middle, $pivots / $middle];
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
                $number,
                [Position::ofNumber($order[$number - 1]), Position::ofNumber(($order[$number - 1] % 9) + 1)],
                Traits::unknown(),
            ))->limitedTo(\in_array($number, $sore, true) ? Limit::SoftThrowing : Limit::None),
            range(1, $count),
        );
    }
}
