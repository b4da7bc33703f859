<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Golden;

use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\BuntOutlook;
use FoxCorner\Core\Game\BuntPoints;
use FoxCorner\Core\Game\BuntSign;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Count;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\RunnerSpeed;
use FoxCorner\Core\Game\Tendency;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\People\PitcherFielding;
use FoxCorner\Core\People\Quantity;
use FoxCorner\Core\People\Readings;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Runs\RunChain;
use FoxCorner\Tests\Core\Teams;

/** What is known before the pitch: batters, counts, how likely a bunt is, levels and people. */
final class GameFigures implements Figures
{
    public static function all(): iterable
    {
        foreach (BatterType::cases() as $type) {
            $batter = Batter::ofType($type);
            yield "batter/$type->value" => [$batter, $type->timeShare(), $type->bats(), Tendency::of($type)];
            foreach (['R1-0', 'R2-1', 'R1R3-0', 'none-0', 'R1-2'] as $situation) {
                foreach ([[1, 0], [5, 2], [7, -1], [8, -5]] as [$inning, $lead]) {
                    $outlook = BuntOutlook::of(
                        Teams::state('fastpitch-43', $situation, $inning, $lead, $type, 5 === $inning ? '1-2' : '1-0'),
                    );
                    yield "outlook/$type->value/$situation/$inning/$lead" => [
                        $outlook->points,
                        $outlook->isLikely(),
                        $outlook->because(),
                    ];
                }
            }
        }
        $named = static fn(Bats $bats, ?float $seconds): Batter => Batter::named(
            'a',
            'A',
            $bats,
            3,
            Tendency::Pulls,
            true,
            true,
            $seconds,
            3.2,
        );
        yield 'named' => [
            $named(Bats::Switch, 3.07),
            $named(Bats::Switch, 3.08)->against(Hand::Left),
            $named(Bats::Slap, null),
            $named(Bats::Right, 3.3),
        ];
        yield 'signs' => array_map(static fn(BuntSign $sign): array => [$sign, $sign->points()], BuntSign::cases());
        yield 'points' => BuntPoints::of(['late' => 4, 'power' => -1], 6)->all();
        yield 'speeds' => array_map(static fn(RunnerSpeed $speed): float => $speed->timeShare(), RunnerSpeed::cases());
        foreach ([[1, 0], [6, -1], [9, 3], [12, 1]] as [$inning, $lead]) {
            $context = Context::of(
                $inning,
                Half::Bottom,
                $lead,
                Batter::ofType(BatterType::Right),
                Count::fromKey('2-2'),
            );
            yield "context/$inning/$lead" => [
                $context->isClose(),
                $context->isLate(7),
                $context->scoreLabel(),
                $context->inningLabel(),
            ];
        }
        foreach (RunChain::situations() as $situation) {
            $state = GameState::of(Teams::state('baseball-90')->rules, $situation, Context::ordinary());
            yield "situation/{$situation->key()}" => [
                $situation->label(),
                $situation->bases->phrase(),
                $situation->bases->mask(),
                $state->firstIsHeld(),
                $state->isLate(),
                $state->doublePlayIsInOrder(),
                $state->hasFewerThanTwoOuts(),
            ];
        }
        yield from self::people();
    }

    /** @return iterable<string, mixed> */
    private static function people(): iterable
    {
        foreach (Level::cases() as $level) {
            $profile = $level->profile();
            yield "level/$level->value" => [$profile, $level->label(), $profile->homeToFirstOver(72)];
        }
        yield 'recovery' => array_map(
            static fn(PitcherFielding $fielding): float => $fielding->recoveryShare(),
            PitcherFielding::cases(),
        );
        yield 'quantities' => array_map(
            static fn(Quantity $quantity): array => [$quantity->unit(), $quantity->field(), $quantity->label()],
            Quantity::cases(),
        );
        $readings = Readings::of([3.1, 3.3, 3.0, 3.9]);
        yield 'readings' => [
            $readings->median(),
            $readings->isOutlier(3.9),
            $readings->isOutlier(3.55),
            Readings::of([3.0, 3.6])->isOutlier(3.6),
        ];
        $who = static fn(Lineup $lineup): array => array_map(
            static fn(RosterPlayer $player): string => $player->name,
            $lineup->players(),
        );
        yield 'lineup' => [
            $who(Lineup::choose(Teams::fifteen())),
            $who(Lineup::choose(Teams::fifteen(), [1 => 'id-15', 6 => 'id-12', 3 => 'gone'])),
        ];
    }
}
