<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Held;

use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Count;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Play\Choice\AfterPlay;
use FoxCorner\Core\Play\Grid\Aims;
use FoxCorner\Core\Play\Running\Toll;
use FoxCorner\Core\Runs\CostUnit;
use FoxCorner\Core\Runs\EventRates;
use FoxCorner\Core\Runs\PlateAppearance;
use FoxCorner\Core\Runs\PlayCost;
use FoxCorner\Core\Runs\RunChain;
use FoxCorner\Core\Runs\WinTable;
use FoxCorner\Tests\Core\Teams;

/** Expected runs, chances to score and to win, and what plays cost. */
final class RunCases
{
    private const GAMES = [
        [1, Half::Top, 0],
        [4, Half::Bottom, -3],
        [7, Half::Top, 1],
        [7, Half::Bottom, 0],
        [9, Half::Top, 0],
        [6, Half::Bottom, 10],
    ];

    /** @return iterable<string, array<string, mixed>> */
    public static function all(): iterable
    {
        foreach (Level::cases() as $level) {
            $chain = RunChain::of($level->rates());
            foreach (RunChain::situations() as $situation) {
                yield "$level->value {$situation->key()}" => [
                    'runs' => $chain->expectedRuns($situation),
                    'scores' => $chain->scoringChance($situation),
                ];
            }
            yield from self::tolls($level);
        }
        $chain = RunChain::of(Level::HighSchool->rates());
        foreach (['R1R2-1', 'none-0'] as $key) {
            yield "runs of an inning from $key" => ['by number' => $chain->runs(Situation::fromKey($key))];
        }
        $rates = EventRates::fromCounts(400, 31, 6, 77, 19, 3, 4, 66, 11);
        yield 'rates of 400' => ['shares' => $rates->shares(), 'out in play' => $rates->outInPlay()];
        foreach ([false, true] as $extra) {
            yield from self::wins(WinTable::of($chain, 7, $extra), $extra ? 'runner on second' : 'bases empty');
        }
        foreach (CostUnit::cases() as $unit) {
            yield "unit $unit->value" => [
                'worth saying' => $unit->worthSaying(),
                'said' => $unit->words(1.234) . ' / ' . $unit->words(-0.2),
            ];
        }
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function wins(WinTable $wins, string $extra): iterable
    {
        foreach (self::GAMES as [$inning, $half, $lead]) {
            yield "$extra, inning $inning $half->value, lead $lead" => [
                'home wins' => $wins->homeWins($inning, $half, $lead, Situation::fromKey('R1R3-1')),
                'after it' => $wins->after($inning, $half, $lead, null),
                'two more' => $wins->after($inning, $half, $lead + 2, Situation::fromKey('none-2')),
                'cost' => self::costs(
                    PlayCost::inChance(
                        $wins,
                        Context::of($inning, $half, $lead, Batter::ofType(BatterType::Right), Count::none()),
                    ),
                ),
            ];
        }
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

    /** @return iterable<string, array<string, mixed>> what a play leaves behind, runs */
    private static function tolls(Level $level): iterable
    {
        $appearance = new PlateAppearance($level->rates(), $level->profile()->advancement());
        foreach (['R1-0', 'R2-1', 'R1R3-2', 'loaded-1'] as $key) {
            $situation = Situation::fromKey($key);
            $after = new AfterPlay(Teams::cost($level), $situation);
            $toll = new Toll($after);
            $front = $situation->bases->occupied()[0];
            $aims = new Aims(Teams::cost($level), $situation, $appearance);
            yield "after $level->value $key" => [
                'now' => $after->now(),
                'break even' => $toll->breakEven($front),
                'error' => $toll->ofError($front, 0.1, true, true),
                'wild' => $toll->ofError($front, 0.1, false, false),
                'front out' => $after->of([$front->value => null]),
                'aims' => \count($aims->all),
                'free' => $aims->free?->word(),
                'through' => $aims->through,
            ];
        }
    }
}
