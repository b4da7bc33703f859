<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Held;

use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Count;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\RunnerSpeed;
use FoxCorner\Core\Game\Tendency;
use FoxCorner\Core\Known\StealFigures;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\People\PitcherFielding;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\Quantity;
use FoxCorner\Core\People\Readings;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Runs\RunChain;
use FoxCorner\Tests\Core\Teams;

/** Levels, people, what they are called, and what is known before the pitch. */
final class PeopleCases
{
    private const WORDS =
        'P SP RHP C 1B 2B 3B SS LF CF RF OF IF MI CI UT DH INF Catcher SecondBaseman third_base left-field ' .
        'centrefield Right.field center-fielder 0 10 x 1 9 FIRSTBASE THIRDBASEMAN LEFTFIELD OUTFIELD EH DP UTIL';

    /** @return iterable<string, array<string, mixed>> */
    public static function all(): iterable
    {
        foreach (Level::cases() as $level) {
            yield $level->value => self::level($level);
        }
        foreach (Quantity::cases() as $quantity) {
            yield "limits of $quantity->value" => [
                'unit' => $quantity->unit(),
                'low' => self::said(static fn() => $quantity->check(-1.0, 'it')),
                'high' => self::said(static fn() => $quantity->check(1000.0, 'it')),
                'none' => self::said(static fn() => $quantity->check(\NAN, 'it')),
            ];
        }
        foreach (explode(' ', self::WORDS) as $word) {
            yield "position $word" => ['is' => self::said(static fn() => Position::numbers(Position::read($word)))];
        }
        foreach (Limit::cases() as $limit) {
            yield "limit $limit->value" => [
                'game throws' => $limit->allowsGameThrows(),
                'no running' => $limit->forbidsRunning(),
                'no throwing' => $limit->forbidsThrowing(),
            ];
        }
        foreach (PitcherFielding::cases() as $fielding) {
            yield "pitcher $fielding->value" => ['recovery' => $fielding->recoveryShare()];
        }
        foreach (RunnerSpeed::cases() as $speed) {
            yield "runner $speed->value" => ['time' => $speed->timeShare()];
        }
        yield from self::batters();
        yield from self::games();
        yield from self::chosen();
    }

    /** @return array<string, mixed> */
    private static function level(Level $level): array
    {
        [$profile, $steals] = [$level->profile(), StealFigures::of($level)];

        return [
            'first s' => $profile->homeToFirst,
            '72 ft s' => $profile->homeToFirstOver(72),
            'scatter deg' => $profile->scatter,
            'arms mph' => [$profile->infieldArm, $profile->outfieldArm, $profile->catcherArm],
            'balls mph' => [$profile->groundBallSpeed, $profile->hardHitSpeed],
            'left' => $profile->leftShare,
            'legs' => $profile->legs,
            'hands' => array_map($profile->handsAt(...), Position::cases()),
            'arm mph' => array_map($profile->armAt(...), Position::cases()),
            'caution s' => $profile->reactionCaution,
            'steals' => [$steals->success, $steals->go, $steals->breakEven],
        ];
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function batters(): iterable
    {
        foreach (BatterType::cases() as $type) {
            yield "batter $type->value" => [
                'time' => $type->timeShare(),
                'bats' => $type->bats(),
                'hits to' => Tendency::of($type),
            ];
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
        $batters = [
            'switch, 3.07 s' => $named(Bats::Switch, 3.07),
            'switch against a left hand' => $named(Bats::Switch, 3.08)->against(Hand::Left),
            'slapper' => $named(Bats::Slap, null),
            'right, 3.3 s' => $named(Bats::Right, 3.3),
        ];
        foreach ($batters as $name => $batter) {
            yield "named batter, $name" => [
                'type' => $batter->type,
                'traits' => $batter->traits,
                'first s' => $batter->homeToFirst,
            ];
        }
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function games(): iterable
    {
        foreach ([[1, 0], [6, -1], [9, 3], [12, 1]] as [$inning, $lead]) {
            $context = Context::of($inning, Half::Bottom, $lead, Batter::ofType(BatterType::Right), Count::none());
            yield "inning $inning, lead $lead" => [
                'close' => $context->isClose(),
                'late' => $context->isLate(7),
                'said' => $context->scoreLabel() . ' ' . $context->inningLabel(),
            ];
        }
        foreach (RunChain::situations() as $situation) {
            $state = GameState::of(Teams::state('baseball-90')->rules, $situation, Context::ordinary());
            yield "situation {$situation->key()}" => [
                'said' => $situation->label() . ' ' . $situation->bases->phrase(),
                'mask' => $situation->bases->mask(),
                'held' => $state->firstIsHeld(),
                'two in order' => $state->doublePlayIsInOrder(),
                'fewer than two out' => $state->hasFewerThanTwoOuts(),
            ];
        }
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function chosen(): iterable
    {
        $readings = Readings::of([3.1, 3.3, 3.0, 3.9]);
        yield 'readings 3.1 3.3 3.0 3.9 s' => [
            'median s' => $readings->median(),
            '3.9 out' => $readings->isOutlier(3.9),
            '3.55 out' => $readings->isOutlier(3.55),
            '3.6 out of two' => Readings::of([3.0, 3.6])->isOutlier(3.6),
        ];
        $named = static fn(RosterPlayer $player): string => $player->name;
        $free = Lineup::choose(Teams::fifteen());
        $told = Lineup::choose(Teams::fifteen(), [1 => 'id-15', 6 => 'id-12', 3 => 'gone']);
        yield 'lineup of fifteen' => [
            'free' => array_map($named, $free->players()),
            'three told' => array_map($named, $told->players()),
        ];
    }

    /** @param \Closure(): mixed $asked */
    private static function said(\Closure $asked): mixed
    {
        try {
            return $asked();
        } catch (Problem $problem) {
            return $problem->getMessage();
        }
    }
}
