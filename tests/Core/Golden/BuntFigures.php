<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Golden;

use FoxCorner\Core\Family\Bunt\BuntKind;
use FoxCorner\Core\Family\Bunt\BuntTrial;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Plan\Audit\CoverageReport;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Clock\Event;
use FoxCorner\Core\Play\Clock\Move;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Clock\TurnedBack;
use FoxCorner\Core\Play\Map\MapOutcome;
use FoxCorner\Core\Play\Map\MapSpot;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Tests\Core\Teams;

/** Bunts on the clock, on the map and before the audit. */
final class BuntFigures implements Figures
{
    private const TEAMS = [
        ['fastpitch-43', Level::Fastpitch16],
        ['baseball-80', Level::Youth13],
        ['baseball-60', Level::Youth10],
        ['baseball-90', Level::Pro],
    ];
    private const SITUATIONS = ['none-0', 'R1-0', 'R2-1', 'R1R2-0', 'R3-1', 'R1R3-0', 'R2R3-0', 'loaded-1'];
    /** Degrees, feet, in which way. */
    private const BUNTS = [
        [-35, 30, BuntKind::Sacrifice],
        [4, 48, BuntKind::Drag],
        [41, 22, BuntKind::Sacrifice],
        [-8, 14, BuntKind::Squeeze],
    ];

    public static function all(): iterable
    {
        foreach (self::TEAMS as $index => [$rules, $level]) {
            foreach (self::SITUATIONS as $number => $situation) {
                $state = Teams::state($rules, $situation, batter: BatterType::cases()[($index + $number) % 4]);
                foreach (Teams::bunt($state, $level)->coverages as $coverage) {
                    $play = Teams::bunt($state, $level, coverage: $coverage->key);
                    [$degrees, $feet, $kind] = self::BUNTS[($index + $number) % 4];
                    $trial = BuntTrial::restingAt($feet, $degrees, $state->rules, $kind);
                    yield "play/$rules/$situation/$coverage->key" => self::play(
                        $play->run($trial, Teams::cost($level)),
                    );
                    if ($number === $index + 1 || $number === $index + 2) {
                        yield "audit/$rules/$situation/$coverage->key" => self::report(
                            $play->report(Teams::cost($level)),
                        );
                    }
                }
            }
            yield "map/$rules" => self::map(Teams::bunt(Teams::state($rules, 'R1R2-0'), $level));
        }
    }

    /** @return array<string, mixed> */
    public static function play(Timeline $play): array
    {
        $option = static fn(ThrowOption $option): array => [
            $option->base,
            $option->cover,
            $option->isForce,
            $option->released,
            $option->ballThere,
            $option->coverThere,
            $option->outAt,
            $option->runnerThere,
            $option->chance,
            $option->chanceOnTime,
            $option->cost,
            $option->margin(),
            $option->coverLate(),
        ];
        $job = static fn(Job $job): string => $job->words . '/' . $job->skill()->value;
        $lead = $play->options()[0]->base;

        return [
            'fielded' => [$play->fieldedBy(), $play->fieldedAt(), $play->called()->released],
            'options' => array_map($option, $play->options()),
            'called' => $play->called()->base,
            'moves' => array_map(
                static fn(Move $move): array => [
                    $move->there(),
                    $move->track->end()->point,
                    $move->track->at(0.7),
                    array_map($job, $move->jobs),
                ],
                $play->moves,
            ),
            'threats' => $play->setting->threats,
            'events' => array_map(
                static fn(Event $event): string => \sprintf(
                    '%s %.6f %s',
                    $event->kind->value,
                    $event->seconds,
                    $event->words,
                ),
                $play->events,
            ),
            'ball' => $play->ball->at(0.6),
            'runners' => array_map(static fn($track): mixed => [$track->at(1.0), $track->end()], $play->runners),
            'length' => $play->length(),
            'turned' => array_map(
                static fn(TurnedBack $turned): array => [$turned->steps->count, $turned->there, $turned->isInTime()],
                $play->turnedBack(),
            ),
            'break-even' => Base::First === $lead ? null : $play->setting->after?->breakEven($lead),
        ];
    }

    /** @return array<string, mixed> */
    private static function report(CoverageReport $report): array
    {
        return [
            'outs' => $report->outs,
            'lead' => $report->leadOutShare,
            'costs' => $report->costs,
            'skills' => $report->skills,
            'findings' => array_map(
                static fn($one): array => [$one->worst, $one->balls, $one->rank()],
                \array_slice($report->findings, 0, 6),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function map(PlannedPlay $play): array
    {
        $map =
            $play->map($play->coverage ?? throw new \LogicException('Somebody covers.'), Teams::cost()) ??
            throw new \LogicException('Bunts are mapped.');
        $spot = static fn(MapSpot $spot): array => [
            $spot->at->sprayDegrees(),
            $spot->at->distanceTo(Point::home()),
            $spot->by,
            $spot->called->chance,
            $spot->called->base,
            $spot->outcome(),
        ];
        $every = array_filter($map->spots, static fn(int $index): bool => 0 === $index % 40, \ARRAY_FILTER_USE_KEY);

        return [
            'spots' => array_map($spot, array_values($every)),
            'many' => \count($map->spots),
            'worst' => $spot($map->worst()),
            'cost' => $map->cost(),
            'shares' => array_map($map->share(...), MapOutcome::cases()),
        ];
    }
}
