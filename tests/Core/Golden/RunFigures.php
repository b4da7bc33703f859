<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Golden;

use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Count;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Runs\Advancement;
use FoxCorner\Core\Runs\CostUnit;
use FoxCorner\Core\Runs\EventRates;
use FoxCorner\Core\Runs\PlateAppearance;
use FoxCorner\Core\Runs\PlayCost;
use FoxCorner\Core\Runs\RunChain;
use FoxCorner\Core\Runs\WinTable;

/** Expected runs, chances to score and to win, and what plays cost. */
final class RunFigures implements Figures
{
    public static function all(): iterable
    {
        foreach (Level::cases() as $level) {
            $chain = RunChain::of($level->rates());
            foreach (RunChain::situations() as $situation) {
                yield "runs/$level->value/{$situation->key()}" => [
                    $chain->expectedRuns($situation),
                    $chain->scoringChance($situation),
                ];
            }
        }
        $chain = RunChain::of(Level::HighSchool->rates());
        yield 'distribution' => [
            $chain->runs(Situation::fromKey('R1R2-1')),
            $chain->runs(Situation::fromKey('none-0')),
        ];
        $appearance = new PlateAppearance(Level::Youth10->rates(), new Advancement());
        foreach (RunChain::situations() as $situation) {
            yield "appearance/{$situation->key()}" => $appearance->outcomes($situation);
        }
        $rates = EventRates::fromCounts(400, 31, 6, 77, 19, 3, 4, 66, 11);
        yield 'rates' => [$rates, $rates->shares(), $rates->outInPlay()];
        foreach ([false, true] as $extra) {
            $wins = WinTable::of($chain, 7, $extra);
            foreach (
                [
                    [1, Half::Top, 0],
                    [4, Half::Bottom, -3],
                    [7, Half::Top, 1],
                    [7, Half::Bottom, 0],
                    [9, Half::Top, 0],
                    [6, Half::Bottom, 10],
                ] as [$inning, $half, $lead]
            ) {
                $name = ($extra ? 'runner' : 'empty') . "/$inning/$half->value/$lead";
                yield "wins/$name" => [
                    $wins->homeWins($inning, $half, $lead, Situation::fromKey('R1R3-1')),
                    $wins->after($inning, $half, $lead, null),
                    $wins->after($inning, $half, $lead + 2, Situation::fromKey('none-2')),
                ];
            }
            foreach ([[7, Half::Top, 1], [7, Half::Bottom, -1], [6, Half::Top, 0]] as [$inning, $half, $lead]) {
                $context = Context::of($inning, $half, $lead, Batter::ofType(BatterType::Right), Count::none());
                yield 'cost/' . ($extra ? 'runner' : 'empty') . "/$inning/$half->value/$lead" => self::costs(
                    PlayCost::inChance($wins, $context),
                );
            }
        }
        yield 'cost/in runs' => self::costs(PlayCost::inRuns($chain));
        yield 'units' => array_map(
            static fn(CostUnit $unit): array => [$unit->worthSaying(), $unit->words(1.234), $unit->words(-0.2)],
            CostUnit::cases(),
        );
    }

    /** @return list<float> */
    private static function costs(PlayCost $cost): array
    {
        return [
            $cost->after(0, 1, 0),
            $cost->after(5, 1, 1),
            $cost->after(7, 2, 3),
            $cost->after(0, 3, 2),
            $cost->now(Situation::fromKey('R2-1')),
        ];
    }
}
