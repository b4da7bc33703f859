<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Golden;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\People\Level;
use FoxCorner\Core\Plan\CoverageReport;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Bunt\BuntCoverage;
use FoxCorner\Core\Play\Bunt\BuntGrid;
use FoxCorner\Core\Play\Bunt\BuntKind;
use FoxCorner\Core\Play\Bunt\BuntOutcome;
use FoxCorner\Core\Play\Bunt\BuntSpot;
use FoxCorner\Core\Play\Event;
use FoxCorner\Core\Play\Job;
use FoxCorner\Core\Play\Move;
use FoxCorner\Core\Play\ThrowOption;
use FoxCorner\Core\Play\Timeline;
use FoxCorner\Core\Play\TurnedBack;
use FoxCorner\Tests\Core\Teams;

/** Bunts on the clock, on the map and before the audit. */
final class BuntFigures implements Figures
{
    private const TEAMS = [['fastpitch-43', Level::Fastpitch16], ['baseball-80', Level::Youth13], ['baseball-60', Level::Youth10], ['baseball-90', Level::Pro]];
    private const SITUATIONS = ['none-0', 'R1-0', 'R2-1', 'R1R2-0', 'R3-1', 'R1R3-0', 'R2R3-0', 'loaded-1'];
    /** Degrees, feet, in which way. */
    private const BUNTS = [[-35, 30, BuntKind::Sacrifice], [4, 48, BuntKind::Drag], [41, 22, BuntKind::Sacrifice], [-8, 14, BuntKind::Squeeze]];

    public static function all(): iterable
    {
        foreach (self::TEAMS as $index => [$rules, $level]) {
            foreach (self::SITUATIONS as $number => $situation) {
                $state = Teams::state($rules, $situation, batter: BatterType::cases()[($index + $number) % 4]);
                foreach (Teams::plan($state, $level)->coverages as $coverage) {
                    $plan = Teams::plan($state, $level, coverage: $coverage->key());
                    [$degrees, $feet, $kind] = self::BUNTS[($index + $number) % 4];
                    $ball = BuntGrid::restingAt($feet, $degrees, $state->rules->buntSurface());
                    yield "play/$rules/$situation/{$coverage->key()}" => self::play($plan->play($ball, Teams::cost($level), $kind));
                    if ($number === $index + 1 || $number === $index + 2) {
                        yield "audit/$rules/$situation/{$coverage->key()}" => self::report($plan->report(Teams::cost($level)));
                    }
                }
            }
            $plan = Teams::plan(Teams::state($rules, 'R1R2-0'), $level);
            yield "map/$rules" => self::map($plan, $plan->coverage ?? throw new \LogicException());
        }
    }

    /** @return array<string, mixed> */
    public static function play(Timeline $play): array
    {
        $option = static fn(ThrowOption $option): array => [
            $option->base, $option->cover, $option->isForce, $option->released, $option->ballThere, $option->coverThere,
            $option->runnerThere, $option->chance, $option->chanceOnTime, $option->cost, $option->margin(), $option->coverLate(),
        ];
        $move = static fn(Move $move): array => [$move->there(), $move->track->end()->point, $move->track->at(0.7), array_map(static fn(Job $job): string => $job->words.'/'.$job->skill(), $move->jobs)];

        return [
            'fielded' => [$play->fieldedBy, $play->fieldedAt, $play->releasedAt],
            'options' => array_map($option, $play->options),
            'called' => $play->called->base,
            'moves' => array_map($move, $play->moves),
            'threats' => $play->threats,
            'events' => array_map(static fn(Event $event): string => \sprintf('%s %.6f %s', $event->kind->value, $event->seconds, $event->words), $play->events),
            'ball' => $play->ball->at(0.6),
            'runners' => array_map(static fn($track): mixed => [$track->at(1.0), $track->end()], $play->runners),
            'length' => $play->length(),
            'turned' => array_map(static fn(TurnedBack $turned): array => [$turned->steps->count, $turned->there, $turned->isInTime()], $play->turnedBack()),
            'break-even' => Base::First === $play->options[0]->base ? null : $play->after?->breakEven($play->options[0]->base),
        ];
    }

    /** @return array<string, mixed> */
    private static function report(CoverageReport $report): array
    {
        return [
            'outs' => $report->outsPerBunt, 'lead' => $report->leadOutShare, 'costs' => $report->costs, 'skills' => $report->skills,
            'findings' => array_map(static fn($one): array => [$one->worst, $one->balls, $one->rank()], \array_slice($report->findings, 0, 6)),
        ];
    }

    /** @return array<string, mixed> */
    private static function map(SituationPlan $plan, BuntCoverage $coverage): array
    {
        $map = $plan->buntMap($coverage, Teams::cost());
        $spot = static fn(BuntSpot $spot): array => [$spot->degrees, $spot->feet, $spot->by, $spot->called->chance, $spot->called->base, $spot->outcome()];

        return [
            'spots' => array_map($spot, array_values(array_filter($map->spots, static fn(int $index): bool => 0 === $index % 40, \ARRAY_FILTER_USE_KEY))),
            'many' => \count($map->spots), 'worst' => $spot($map->worst()), 'cost' => $map->cost(),
            'shares' => array_map($map->share(...), BuntOutcome::cases()),
        ];
    }
}
