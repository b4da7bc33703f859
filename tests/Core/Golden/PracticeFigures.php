<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Golden;

use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Audit\AuditedPlay;
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
use FoxCorner\Core\Practice\Team\TeamScript;
use FoxCorner\Core\Practice\Time\TimePlan;
use FoxCorner\Core\Practice\Time\TimeShape;
use FoxCorner\Core\Practice\Week\FreeTime;
use FoxCorner\Core\Practice\Week\ThrowLoad;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Tests\Core\Practice\Practices;
use FoxCorner\Tests\Core\Teams;

/** Drills, needs, the minutes of a practice, its script and its clock. */
final class PracticeFigures implements Figures
{
    public static function all(): iterable
    {
        foreach (ShippedDrills::all() as $drill) {
            yield "drill/$drill->key" => self::drill($drill);
        }
        yield 'skills' => array_map(
            static fn(Skill $skill): array => [$skill->family(), $skill->suits(ShippedRuleSets::get('fastpitch-43'))],
            Skill::cases(),
        );
        foreach (['baseball-90', 'fastpitch-43'] as $rules) {
            yield "standing/$rules" => array_map(
                static fn($one): array => [$one->key(), $one->priority],
                StandingDemand::of(ShippedRuleSets::get($rules)),
            );
        }
        $needs = Practices::needs(Teams::fifteen(), self::taught());
        yield 'needs' => array_map(
            static fn(JobNeed $need): array => [
                $need->key(),
                $need->each,
                $need->people,
                $need->fresh,
                $need->weight,
                $need->reps(),
                $need->reason,
            ],
            $needs,
        );
        yield 'drill needs' => array_map(
            static fn($one): array => [$one->key(), $one->reps, $one->weight, $one->reason],
            DrillNeeds::of($needs, \array_slice(ShippedDrills::all(), 0, 14)),
        );
        foreach (FieldPart::cases() as $part) {
            yield "part/$part->value" => [$part->label(), $part->spots(), self::held($part)];
            yield "choice/$part->value" => self::choice($part, $needs);
        }
        yield from self::times();
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

    /** @return list<string> drills that can be run on a part of the field, where they usually are */
    private static function held(FieldPart $part): array
    {
        $diamond = ShippedRuleSets::get('fastpitch-43')->diamond();

        return array_keys(
            array_filter(
                ShippedDrills::all(),
                static fn(Drill $drill): bool => $part->holds($drill, $drill->place->on($diamond), $diamond),
            ),
        );
    }

    /** @return array<string, mixed> */
    private static function drill(Drill $drill): array
    {
        return [
            'place' => $drill->place->on(Diamond::of(60, 43)),
            'serves' => $drill->serves,
            'equipment' => $drill->equipment,
            'group' => [
                $drill->min,
                $drill->max,
                $drill->atOnce,
                $drill->secondsPerRep,
                $drill->throwsPerRep,
                $drill->helpers,
            ],
            'is' => [
                $drill->family,
                $drill->isHit,
                $drill->fitsIndoors,
                $drill->place->isMovable,
                $drill->isReceived,
                $drill->neverWithout,
            ],
            'reps' => [
                $drill->repetitions(0, 8),
                $drill->repetitions($drill->atOnce, 8),
                $drill->repetitions($drill->atOnce + 1, 8),
            ],
        ];
    }

    /**
     * @param list<JobNeed> $needs
     *
     * @return array<string, mixed>
     */
    private static function choice(FieldPart $part, array $needs): array
    {
        $choice = new StationChoice(Teams::fifteen(), Helpers::of(3, 2), Practices::SHED, $part, Diamond::of(60, 43));
        $drills = $choice->of($needs, ShippedDrills::all());
        $placement = Placement::of($drills, Diamond::of(60, 43), $part);

        return [
            'chosen' => array_keys($drills),
            'few' => array_keys($choice->of($needs, ShippedDrills::all(), 3)),
            'shifts' => $placement->shifts,
            'conflicts' => $placement->conflicts(),
            'hindrances' => array_map($choice->hindrance(...), ShippedDrills::all()),
            'duties' => Helpers::of(4, 2)->duties(array_values($drills), []),
            'outline' => array_map(
                static fn($place): mixed => $place->outline(),
                \array_slice($placement->places, 0, 2),
            ),
        ];
    }

    /** @return iterable<string, mixed> */
    private static function times(): iterable
    {
        $shapes = [
            'usual' => TimeShape::usual(),
            'hot' => TimeShape::of(9, 7, 12, 5, true),
            'bare' => TimeShape::of(5, 10, 0, 0, false),
        ];
        foreach ($shapes as $name => $shape) {
            foreach ([TimePlan::least($shape), 61, 74, 90, 119, 180] as $minutes) {
                yield "time/$name/$minutes" => [TimePlan::within($minutes, $shape)->blocks, $shape->waterEvery()];
            }
        }
        $day = static fn(string $at): \DateTimeImmutable => new \DateTimeImmutable("2027-05-$at UTC");
        $busy = [
            [$day('10 15:00'), $day('10 17:10')],
            [$day('11 16:30'), $day('11 20:00')],
            [$day('13 16:00'), $day('13 16:20')],
        ];
        yield 'free' => FreeTime::of($busy, $day('10 15:40'), 4, 75, [16 * 60, 21 * 60]);
        foreach ([[70, 110], [71], [60, 60, 61], [60, 60, 60]] as $index => $days) {
            $load = new ThrowLoad(
                array_combine(array_map(static fn(int $day): string => "day $day", array_keys($days)), $days),
            );
            yield "throws/$index" => [$load->week(), $load->worstDay(), $load->caution()];
        }
    }

    /** @return iterable<string, mixed> */
    private static function scripts(): iterable
    {
        $plays = array_map(
            static fn(string $situation): AuditedPlay => Practices::audited(
                Teams::bunt(Teams::state(situation: $situation)),
            ),
            ['R1-0', 'R2-0', 'R1R2-0'],
        );
        foreach ([5, 13, 28] as $minutes) {
            yield "script/$minutes" => TeamScript::of($minutes, Practices::needs(Teams::nine()), $plays);
        }
    }

    /** @return iterable<string, mixed> */
    private static function clocks(): iterable
    {
        $minute = 60000;
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
            foreach ([0, 4, 16, 27, 40] as $at) {
                $now = 1000 + $at * $minute;
                yield "clock/$name/$at" => [
                    $clock->at($now),
                    $clock->isStarted(),
                    $clock->isPaused(),
                    $clock->isOver($now),
                    $clock->isDone(1, $now),
                    $clock->isAhead(2, $now),
                    $clock->endsAt($now),
                    $clock->lengths,
                ];
            }
        }
    }
}
