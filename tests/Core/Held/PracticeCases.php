<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Held;

use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Practice\Arm\ThrowLoad;
use FoxCorner\Core\Practice\Build\FieldPart;
use FoxCorner\Core\Practice\Build\Helpers;
use FoxCorner\Core\Practice\Build\Placement;
use FoxCorner\Core\Practice\Build\StationChoice;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Practice\Live\PauseReason;
use FoxCorner\Core\Practice\Live\RunClock;
use FoxCorner\Core\Practice\Need\DrillNeeds;
use FoxCorner\Core\Practice\Need\Grade;
use FoxCorner\Core\Practice\Need\JobNeed;
use FoxCorner\Core\Practice\Need\StandingDemand;
use FoxCorner\Core\Practice\Need\Taught;
use FoxCorner\Core\Practice\Team\TeamPlaces;
use FoxCorner\Core\Practice\Team\TeamScript;
use FoxCorner\Core\Practice\Time\Block;
use FoxCorner\Core\Practice\Time\TimePlan;
use FoxCorner\Core\Practice\Time\TimeShape;
use FoxCorner\Core\Practice\Week\FreeTime;
use FoxCorner\Tests\Core\Practice\Practices;
use FoxCorner\Tests\Core\Teams;

/** Needs, the drills that are chosen for them, the minutes of a practice, its script and its clock. */
final class PracticeCases
{
    private const MINUTE = 60000;
    /** Moments, minutes after the start, at which a clock is read. */
    private const READ = [0, 4, 16, 27, 40];

    /** @return iterable<string, array<string, mixed>> */
    public static function all(): iterable
    {
        foreach (['baseball-90', 'fastpitch-43'] as $rules) {
            $asked = [];
            foreach (StandingDemand::of(ShippedRuleSets::get($rules)) as $one) {
                $asked[$one->position->value][$one->skill->value] = $one->priority;
            }
            foreach ($asked as $who => $weights) {
                yield "always asked in $rules of $who" => $weights;
            }
        }
        $needs = Practices::needs(Teams::fifteen(), self::taught());
        foreach ($needs as $need) {
            yield "need {$need->key()}" => [
                'each' => $need->each,
                'people' => $need->people,
                'fresh' => $need->fresh,
                'weight' => $need->weight,
                'reason' => $need->reason,
            ];
        }
        foreach (DrillNeeds::of($needs, \array_slice(ShippedDrills::all(), 0, 14)) as $one) {
            yield "drill for {$one->key()}" => ['times' => $one->reps, 'weight' => $one->weight];
        }
        foreach (FieldPart::cases() as $part) {
            yield from self::part($part, $needs);
        }
        yield from self::times();
        yield from self::weeks();
        yield from self::scripts();
        yield from self::clocks();
    }

    /** @return list<Taught> */
    private static function taught(): array
    {
        return [
            new Taught('id-6', 'charge-and-throw', Position::Shortstop, 40, 3.0, Grade::Well),
            new Taught('id-5', 'charge-and-throw', Position::ThirdBase, 30, 10.0, Grade::NotYet),
            new Taught('id-5', 'turn-back-to-third', Position::ThirdBase, 12, 20.0, Grade::Unsure),
            new Taught('id-5', 'turn-back-to-third', Position::ThirdBase, 12, 27.0, Grade::Well),
            new Taught('id-4', 'charge-and-throw', Position::SecondBase, 20, 80.0),
        ];
    }

    /**
     * @param list<JobNeed> $needs
     *
     * @return iterable<string, array<string, mixed>>
     */
    private static function part(FieldPart $part, array $needs): iterable
    {
        $diamond = Diamond::of(60, 43);
        $choice = new StationChoice(Teams::fifteen(), Helpers::of(3, 2), Practices::SHED, $part, $diamond);
        $drills = $choice->of($needs, ShippedDrills::all());
        $placement = Placement::of($drills, $diamond, $part);
        $held = array_filter(
            ShippedDrills::all(),
            static fn(Drill $drill): bool => $part->holds($drill, $drill->place->on($diamond), $diamond),
        );
        yield "on $part->value" => [
            'chosen' => array_keys($drills),
            'of three' => array_keys($choice->of($needs, ShippedDrills::all(), 3)),
            'held' => array_keys($held),
            'conflicts' => \count($placement->conflicts()),
            'hindered' => \count(
                array_filter(
                    ShippedDrills::all(),
                    static fn(Drill $drill): bool => null !== $choice->hindrance($drill),
                ),
            ),
            'spots share' => \count($part->spots()),
        ];
        foreach ($placement->shifts as $drill => $shift) {
            yield "on $part->value, $drill" => [
                'moved ft' => $shift,
                'outline ft' => $placement->places[$drill]->outline(),
            ];
        }
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function times(): iterable
    {
        $shapes = [
            'usual' => TimeShape::usual(90),
            'hot' => TimeShape::of(90, 9, 7, 12, 5, true),
            'bare' => TimeShape::of(90, 5, 10, 0, 0),
        ];
        foreach ($shapes as $name => $shape) {
            foreach ([TimePlan::least($shape), 61, 74, 90, 119, 180] as $minutes) {
                yield "$name, $minutes min" => [
                    'blocks' => array_map(
                        static fn(Block $block): string => "{$block->kind->value} $block->minutes",
                        TimePlan::within($minutes, $shape)->blocks,
                    ),
                    'water every min' => $shape->waterEvery(),
                ];
            }
        }
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function weeks(): iterable
    {
        $day = static fn(string $at): \DateTimeImmutable => new \DateTimeImmutable("2027-05-$at UTC");
        $busy = [
            [$day('10 15:00'), $day('10 17:10')],
            [$day('11 16:30'), $day('11 20:00')],
            [$day('13 16:00'), $day('13 16:20')],
        ];
        $free = FreeTime::of($busy, $day('10 15:40'), 4, 75, [16 * 60, 21 * 60]);
        yield 'free for 75 min' => ['at' => array_map(static fn($at): string => $at->format('d/H:i'), $free)];
        foreach ([[70, 110], [71], [60, 60, 61], [60, 60, 60]] as $throws) {
            $names = array_map(static fn(int $day): string => "day $day", array_keys($throws));
            $load = new ThrowLoad(array_combine($names, $throws), AgeGroup::Older);
            yield 'throws ' . implode(' ', $throws) => [
                'week' => $load->week(),
                'worst day' => $load->worstDay(),
                'caution' => $load->caution(),
            ];
        }
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function scripts(): iterable
    {
        $plays = [];
        foreach (['R1-0', 'R2-0', 'R1R2-0'] as $situation) {
            $plays[] = Practices::audited(Teams::bunt(Teams::state(situation: $situation)));
        }
        foreach ([5, 13, 28] as $minutes) {
            $places = TeamPlaces::of(Teams::nine());
            $script = TeamScript::of($minutes, Practices::needs(Teams::nine()), $plays, $places);
            foreach ($script as $number => $line) {
                yield "team defence of $minutes min, $number" => [
                    'live' => $line->isLive,
                    'min' => $line->minutes,
                    'title' => $line->title,
                    'expect' => $line->expect,
                ];
            }
        }
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function clocks(): iterable
    {
        $minute = self::MINUTE;
        $started = RunClock::ready([12, 1, 8, 5])->start(1000);
        $clocks = [
            'started' => $started,
            'waited' => $started->pause(3 * $minute, PauseReason::Rain)->goOn(9 * $minute),
            'paused' => $started->pause(14 * $minute, PauseReason::Talk),
            'next' => $started->next(5 * $minute),
            'hurried' => $started->next($minute),
            'skipped' => $started->skip(5 * $minute),
            'back' => $started->next(5 * $minute)->back(6 * $minute),
            'back late' => $started->back(14 * $minute),
            'longer' => $started->extend(5 * $minute, 3),
            'not yet' => $started->notYet(),
        ];
        foreach ($clocks as $name => $clock) {
            yield "clock $name" => ['blocks ms' => $clock->lengths, 'on' => $clock->isStarted() && !$clock->isPaused()];
            foreach (self::READ as $at) {
                $now = 1000 + $at * $minute;
                yield "clock $name, min $at" => [
                    'block' => $clock->at($now)->index,
                    'left ms' => $clock->at($now)->left,
                    'over' => $clock->isOver($now),
                    'second done' => $clock->isDone(1, $now),
                    'third ahead' => $clock->isAhead(2, $now),
                    'ends ms' => $clock->endsAt($now),
                ];
            }
        }
    }
}
