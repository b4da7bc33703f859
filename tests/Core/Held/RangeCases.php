<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Held;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Motion\FlyKind;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Grid\Spray;
use FoxCorner\Core\Range\Fly\FlySpray;
use FoxCorner\Core\Range\RangeSummary;
use FoxCorner\Tests\Core\Teams;

/** What alignments get of ground balls and of balls in the air. */
final class RangeCases
{
    private const CASES = [
        ['baseball-90', 'none-0', Level::Pro, BatterType::Right],
        ['baseball-90', 'R1-1', Level::HighSchool, BatterType::Left],
        ['baseball-90', 'R2-1', Level::College, BatterType::TopOfOrder],
        ['baseball-80', 'R1R3-0', Level::Youth13, BatterType::RightPower],
        ['baseball-60', 'loaded-0', Level::Youth10, BatterType::Right],
        ['fastpitch-43', 'R3-1', Level::Fastpitch16, BatterType::Slapper],
        ['fastpitch-43', 'R2R3-1', Level::FastpitchCollege, BatterType::LeftPower],
        ['fastpitch-35', 'loaded-2', Level::Fastpitch12, BatterType::TopOfOrder],
    ];

    /** @return iterable<string, array<string, mixed>> */
    public static function all(): iterable
    {
        foreach (self::CASES as [$rules, $situation, $level, $batter]) {
            $plan = Teams::plan(Teams::state($rules, $situation, batter: $batter), $level);
            yield from self::plan("$level->value $situation", $plan, $level);
        }
        $late = Teams::plan(Teams::state('baseball-90', 'R3-1', 9, 0, BatterType::Left), Level::Pro);
        yield 'pro R3-1, tied in the ninth' => self::summary($late->range(Teams::cost())->summary);
        foreach (['baseball-90' => Level::HighSchool, 'fastpitch-43' => Level::Fastpitch16] as $rules => $level) {
            $plan = Teams::plan(Teams::state($rules, 'R1-1'), $level);
            yield "$level->value R1-1 improved" => self::improved($plan, $level);
        }
        foreach (BatterType::cases() as $type) {
            $context = Teams::state(batter: $type)->context;
            $flies = FlySpray::of($context);
            yield "spray of $type->value" => [
                'at -40 -12.5 0 18 33 deg' => array_map(Spray::of($context)->density(...), [
                    -40.0,
                    -12.5,
                    0.0,
                    18.0,
                    33.0,
                ]),
                'in the air' => array_map(
                    static fn(array $at): float => $flies->weight(Point::of($at[0], $at[1]), 330.0),
                    [[-180, 200], [-60, 240], [0, 310], [80, 150], [210, 190]],
                ),
            ];
        }
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function plan(string $name, SituationPlan $plan, Level $level): iterable
    {
        $summary = $plan->range(Teams::cost($level))->summary;
        yield $name => self::summary($summary);
        yield "$name, by direction" => ['out' => $summary->outChance];
        foreach ($summary->holes as $index => $hole) {
            yield "$name, hole $index, {$hole->name()}" => [
                'deg' => [$hole->fromDegrees, $hole->toDegrees],
                'wide ft' => $hole->feet,
                'through a hundred' => $hole->through,
            ];
        }
        foreach ($plan->cautions() as $caution) {
            yield "$name, caution {$caution->who->position->value}" => ['ball s' => $caution->seconds];
        }
        foreach (FlyKind::cases() as $kind) {
            $flies = $plan->flies($kind);
            yield "$name, $kind->value" => ['caught' => $flies->caughtShare(), 'spots' => \count($flies->spots)];
            foreach ([...\array_slice($flies->open, 0, 2), ...\array_slice($flies->shared, 0, 2)] as $index => $zone) {
                yield "$name, $kind->value, zone $index" => [
                    'who' => $zone->who(),
                    'calls' => $zone->caller()->value,
                    'spots' => $zone->spots,
                    'share' => $zone->share,
                    'middle ft' => $zone->middle,
                    'hang s' => [$zone->shortest, $zone->longest],
                ];
            }
        }
    }

    /** @return array<string, mixed> */
    private static function summary(RangeSummary $summary): array
    {
        return [
            'outs' => $summary->outsPerBall,
            'two' => $summary->twoPerBall,
            'lead' => $summary->lead,
            'moved' => $summary->moved,
            'third scores' => $summary->thirdScores,
            'error' => $summary->error,
            'hit' => $summary->hit,
            'past' => $summary->past,
            'doubles' => $summary->doubles,
            "cost {$summary->unit->value}" => $summary->cost,
        ];
    }

    /** @return array<string, mixed> */
    private static function improved(SituationPlan $plan, Level $level): array
    {
        $best = $plan->improver($plan->range(Teams::cost($level)), [Position::ThirdBase])->single();
        $step = $best?->steps[0];

        return [
            'who' => $step?->position->value,
            'off paces' => $step?->off,
            'back paces' => $step?->back,
            'to ft' => $step?->to,
            'gain a hundred' => $best?->gain,
            'outs a hundred' => $best?->outs,
            'walk ft' => $best?->feet,
            'price' => $best?->price?->name(),
        ];
    }
}
