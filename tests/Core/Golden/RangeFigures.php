<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Golden;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\FlyKind;
use FoxCorner\Core\Motion\HangTimes;
use FoxCorner\Core\Play\Grid\Spray;
use FoxCorner\Core\Range\Fly\FlyMap;
use FoxCorner\Core\Range\Fly\FlySpray;
use FoxCorner\Core\Range\Fly\FlyZone;
use FoxCorner\Core\Range\Hole;
use FoxCorner\Core\Range\RangeSummary;
use FoxCorner\Core\Range\ReactionCaution;
use FoxCorner\Tests\Core\Teams;

/** What alignments get of ground balls and of balls in the air. */
final class RangeFigures implements Figures
{
    public static function all(): iterable
    {
        $cases = [
            ['baseball-90', 'none-0', Level::Pro, BatterType::Right],
            ['baseball-90', 'R1-1', Level::HighSchool, BatterType::Left],
            ['baseball-80', 'R1R3-0', Level::Youth13, BatterType::RightPower],
            ['baseball-60', 'loaded-0', Level::Youth10, BatterType::Right],
            ['fastpitch-43', 'R3-1', Level::Fastpitch16, BatterType::Slapper],
            ['fastpitch-43', 'R2R3-1', Level::FastpitchCollege, BatterType::LeftPower],
            ['fastpitch-35', 'loaded-2', Level::Fastpitch12, BatterType::TopOfOrder],
        ];
        foreach ($cases as [$rules, $situation, $level, $batter]) {
            $plan = Teams::plan(Teams::state($rules, $situation, batter: $batter), $level);
            yield "range/$rules/$situation" => self::summary($plan->range(Teams::cost($level))->summary);
            yield "caution/$rules/$situation" => array_map(
                static fn(ReactionCaution $caution): array => [$caution->who->position, $caution->seconds],
                $plan->cautions(),
            );
        }
        $late = Teams::plan(Teams::state('baseball-90', 'R3-1', 9, 0, BatterType::Left), Level::Pro);
        yield 'range/late' => self::summary($late->range(Teams::cost())->summary);
        foreach ([['baseball-90', Level::Pro], ['fastpitch-43', Level::Fastpitch16]] as [$rules, $level]) {
            foreach (FlyKind::cases() as $kind) {
                yield "flies/$rules/$kind->value" => self::flies(
                    Teams::plan(Teams::state($rules), $level)->flies($kind),
                );
            }
        }
        foreach (FlyKind::cases() as $kind) {
            foreach ([[Ball::Baseball, 95.0], [Ball::Softball12, 62.0]] as [$ball, $mph]) {
                $times = HangTimes::of($kind, $ball, $mph);
                yield "hang/$kind->value/$ball->value" => [
                    $times->farthest(),
                    array_map($times->secondsTo(...), [20.0, 65.0, 120.0, 185.0, 240.0, 330.0, 500.0]),
                ];
            }
        }
        foreach (BatterType::cases() as $type) {
            $context = Teams::state(batter: $type)->context;
            yield "spray/$type->value" => array_map(Spray::of($context)->density(...), [-40.0, -12.5, 0.0, 18.0, 33.0]);
            $flies = FlySpray::of($context);
            yield "flies/$type->value" => array_map(
                static fn(array $at): float => $flies->weight(Point::of($at[0], $at[1]), 330.0),
                [[-180, 200], [-60, 240], [0, 310], [80, 150], [210, 190]],
            );
        }
    }

    /** @return array<string, mixed> */
    private static function summary(RangeSummary $summary): array
    {
        return [
            'outs' => $summary->outsPerBall,
            'two' => $summary->twoPerBall,
            'third' => $summary->thirdScores,
            'cost' => $summary->cost,
            'by direction' => $summary->outChance,
            'holes' => array_map(static fn(Hole $hole): array => [$hole, $hole->name()], $summary->holes),
            'fans' => array_map(
                static fn(array $fan): array => [\count($fan), $fan[0] ?? null, $fan[\count($fan) - 1] ?? null],
                $summary->fans,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function flies(FlyMap $map): array
    {
        $zone = static fn(FlyZone $zone): array => [$zone, $zone->who(), $zone->caller()];

        return [
            'caught' => $map->caughtShare(),
            'spots' => \count($map->spots),
            'one' => $map->spots[\count($map->spots) >> 1],
            'open' => array_map($zone, \array_slice($map->open, 0, 3)),
            'shared' => array_map($zone, \array_slice($map->shared, 0, 3)),
        ];
    }
}
