<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core;

use FoxCorner\Core\Family\Bunt\BuntFamily;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Count;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\Seen;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Game\Tendency;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\People\PitcherFielding;
use FoxCorner\Core\People\Pitching;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\People\Traits;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\CoverageLine;
use FoxCorner\Core\Play\Scheme\JobKind;
use FoxCorner\Core\Runs\PlayCost;
use FoxCorner\Core\Runs\RunChain;

/** Teams and states that tests start from. */
final class Teams
{
    public static function player(int $number, int ...$positions): RosterPlayer
    {
        return new RosterPlayer(
            "id-$number",
            "P$number",
            (string) $number,
            array_map(Position::ofNumber(...), array_values($positions)),
            Traits::unknown(),
        );
    }

    public static function with(RosterPlayer $player, ?Traits $traits = null, ?Limit $limit = null): RosterPlayer
    {
        return new RosterPlayer(
            $player->id,
            $player->name,
            $player->number,
            $player->positions,
            $traits ?? $player->traits,
            $limit ?? $player->limit,
        );
    }

    /** @return list<RosterPlayer> one ordinary player at each position, wearing its number */
    public static function nine(): array
    {
        return array_map(static fn(int $number): RosterPlayer => self::player($number, $number), range(1, 9));
    }

    /** @return list<RosterPlayer> the nine, each measured and none like another; in the field left-handers throw too */
    public static function measured(Level $level): array
    {
        $ordinary = $level->profile()->homeToFirstOver(ShippedRuleSets::get($level->usualRules())->basePath);
        $nine = [];
        foreach (self::nine() as $index => $player) {
            $number = $index + 1;
            $nine[] = self::with(
                $player,
                Traits::of(
                    \in_array($number, [1, 3, 8], true) ? Hand::Left : Hand::Right,
                    0 === $number % 2 ? Bats::Left : Bats::Right,
                    $ordinary + 0.07 * ($number - 5),
                    $level->profile()->armAt($player->positions[0]) + $number - 4,
                    2.2 + $number / 20,
                    1.1 + $number / 40,
                    1 === $number ? 1.4 : null,
                    Pitching::HitsSpots,
                    PitcherFielding::Quick,
                ),
            );
        }

        return $nine;
    }

    /** @return list<RosterPlayer> the nine and six more who can do two things */
    public static function fifteen(): array
    {
        return [
            ...self::nine(),
            self::player(10, 1, 5),
            self::player(11, 2, 3),
            self::player(12, 4, 6),
            self::player(13, 7, 8),
            self::player(14, 9, 7),
            self::player(15, 3, 1),
        ];
    }

    public static function state(
        string $rules = 'fastpitch-43',
        string $situation = 'R1-0',
        int $inning = 3,
        int $lead = 0,
        BatterType $batter = BatterType::Right,
        string $count = '0-0',
        Seen $seen = Seen::Nothing,
    ): GameState {
        return GameState::of(
            ShippedRuleSets::get($rules),
            Situation::fromKey($situation),
            Context::of($inning, Half::Top, $lead, Batter::ofType($batter), Count::fromKey($count), seen: $seen),
        );
    }

    /** A batter and runners with times of their own. */
    public static function timed(Level $level, string $situation): GameState
    {
        $rules = ShippedRuleSets::get($level->usualRules());
        $first = $level->profile()->homeToFirstOver($rules->basePath);
        $batter = Batter::named('b', 'B', Bats::Left, null, Tendency::AllFields, false, false, 0.97 * $first, $first);
        $context = Context::of(3, Half::Top, 0, $batter, Count::none());

        return GameState::of(
            $rules,
            Situation::fromKey($situation),
            $context->withTimes([1 => 0.95 * $first, 2 => 1.03 * $first, 3 => 1.08 * $first]),
        );
    }

    /** A bunt is likely wherever there is one: late, tied, and the batter has shown it. */
    public static function bunting(string $rules = 'fastpitch-43', string $situation = 'R1-0'): GameState
    {
        return self::state($rules, $situation, ShippedRuleSets::get($rules)->innings, seen: Seen::TriedNow);
    }

    public static function cost(Level $level = Level::Pro): PlayCost
    {
        return PlayCost::inRuns(RunChain::of($level->rates()));
    }

    /** @param list<RosterPlayer>|null $roster */
    public static function plan(
        ?GameState $state = null,
        Level $level = Level::Fastpitch16,
        ?array $roster = null,
    ): SituationPlan {
        $state ??= self::state();

        return SituationPlan::of(
            $state,
            $level->profile(),
            Lineup::choose($roster ?? self::nine()),
            PlanBook::shipped($state->rules),
        );
    }

    /** A coverage of ours in which nobody has jobs of a kind. */
    public static function without(Coverage $coverage, JobKind $gone): Coverage
    {
        return self::only($coverage, static fn(CoverageLine $line): bool => $line->job->kind !== $gone);
    }

    /**
     * A coverage of ours with some lines of another.
     *
     * @param \Closure(CoverageLine): bool $stays
     */
    public static function only(Coverage $coverage, \Closure $stays): Coverage
    {
        return new Coverage(
            'ours',
            'Ours',
            'Ours',
            '',
            $coverage->bases,
            $coverage->fielders,
            array_values(array_filter($coverage->lines, $stays)),
        );
    }

    public static function scene(
        string $rules = 'fastpitch-43',
        string $situation = 'R1-0',
        Level $level = Level::Fastpitch16,
    ): Scene {
        return self::plan(self::state($rules, $situation), $level)->scene();
    }

    /** @param list<RosterPlayer>|null $roster */
    public static function bunt(
        ?GameState $state = null,
        Level $level = Level::Fastpitch16,
        ?array $roster = null,
        ?string $coverage = null,
    ): PlannedPlay {
        $plan = self::plan($state, $level, $roster);

        return PlannedPlay::of($plan, new BuntFamily(), PlanBook::shipped($plan->state->rules), $coverage);
    }
}
