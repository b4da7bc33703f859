<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Golden;

use FoxCorner\Core\Alignment\Depth\DepthTable;
use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Alignment\Depth\Shade;
use FoxCorner\Core\Alignment\OutfieldSpot;
use FoxCorner\Core\Alignment\Rule\AlignmentRule;
use FoxCorner\Core\Alignment\Rule\Condition;
use FoxCorner\Core\Alignment\Rule\ShippedRules;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\BatterTrait;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\BuntOutlook;
use FoxCorner\Core\Game\BuntSign;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Count;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\PositionGroup;
use FoxCorner\Core\Plan\Check\ShippedChecks;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Grid\Aims;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Runs\PlateAppearance;
use FoxCorner\Core\Runs\RunChain;
use FoxCorner\Tests\Core\Teams;

/** Rules in words and when they hold, shades that stand alone, when a bunt is to be thought of. */
final class PlanFigures implements Figures
{
    public static function all(): iterable
    {
        foreach (ShippedRules::all() as $rule) {
            yield "rule/$rule->id" => [$rule->when->words(), $rule->reason, self::holds($rule->when)];
        }
        foreach (self::conditions() as $name => $condition) {
            yield "condition/$name" => [$condition->words(), self::holds($condition)];
        }
        foreach ([-6, -2, -1, 0, 1, 3] as $steps) {
            yield "shade/$steps" => array_map(
                static fn(Position $position): array => [
                    (new Shade($position, $steps, 'so'))->words(),
                    (new Shade($position, $steps, 'so'))->feet(90.0),
                ],
                [Position::FirstBase, Position::SecondBase, Position::ThirdBase, Position::Shortstop],
            );
        }
        foreach (
            ['baseball-90', 'baseball-80', 'baseball-60', 'fastpitch-43', 'fastpitch-35', 'slowpitch-65'] as $rules
        ) {
            $table = DepthTable::shipped(ShippedRuleSets::get($rules));
            yield "depths/$rules" => array_map(
                static fn(Position $position): array => array_map(
                    static fn(NamedDepth $depth): array => [
                        $depth,
                        $table->word($depth),
                        PositionGroup::Outfield === $position->group()
                            ? $table->outfieldShare($depth)
                            : $table->infield($position, $depth),
                    ],
                    $table->depthsOf($position),
                ),
                [Position::Shortstop, Position::ThirdBase, Position::CenterField],
            );
        }
        yield 'counts' => array_map(
            static fn(Count $count): array => [$count->key(), $count->hasTwoStrikes()],
            Count::all(),
        );
        yield 'scores' => array_map(Context::labelFor(...), range(-3, 3));
        $fence = ShippedRuleSets::get('fastpitch-43')->fence;
        foreach ([[-80.0, 150.0, -27.0], [10.0, 190.0, 0.0], [95.0, 140.0, 27.0]] as [$x, $y, $straight]) {
            $spot = OutfieldSpot::at(Point::of($x, $y), $straight, $fence);
            yield "outfield/$x" => [$spot->inPaces(2.5), $spot->inFeet(), $spot->point()];
        }
        foreach (['baseball-90' => Level::HighSchool, 'fastpitch-43' => Level::Fastpitch16] as $rules => $level) {
            foreach (['none-0', 'R1-1', 'R2R3-1', 'loaded-0', 'loaded-2'] as $key) {
                yield "ground/$rules/$key" => new Aims(
                    Teams::cost($level),
                    Situation::fromKey($key),
                    new PlateAppearance($level->rates(), $level->profile()->advancement()),
                );
            }
            $plan = Teams::plan(Teams::state($rules, 'R1-1'), $level);
            $improver = $plan->improver($plan->range(Teams::cost($level)), [Position::ThirdBase]);
            yield "improve/$rules" => $improver->single();
        }
        yield from self::alone();
        foreach (BatterType::cases() as $batter) {
            foreach ([[1, 0], [7, 0], [9, 2], [9, -2], [9, 3], [8, 1]] as [$inning, $lead]) {
                $outlook = static fn(string $key): BuntOutlook => BuntOutlook::of(
                    Teams::state('baseball-90', $key, $inning, $lead, $batter),
                );
                yield "outlook/$batter->value/$inning/$lead" => array_map($outlook, ['none-0', 'R1-0', 'R2-1', 'R3-1']);
            }
        }
        yield 'jobs' => array_map(static fn(Job $job): array => [$job->key(), $job->kind, $job->words], Job::all());
        yield 'signs' => array_map(static fn(BuntSign $sign): string => $sign->label(), BuntSign::cases());
    }

    /** @return iterable<string, Condition> */
    private static function conditions(): iterable
    {
        yield 'nothing' => new Condition();
        yield 'bases' => new Condition(bases: [Bases::First, Bases::FirstThird]);
        yield 'bases, all but one' => new Condition(bases: \array_slice(Bases::cases(), 1));
        yield 'one out' => new Condition(outs: [Outs::One]);
        yield 'one or two out' => new Condition(outs: [Outs::Two, Outs::One]);
        yield 'fewer than two out' => new Condition(outs: [Outs::None, Outs::One]);
        yield 'all outs' => new Condition(outs: Outs::cases());
        yield 'late' => new Condition(lastInnings: 2);
        yield 'last inning' => new Condition(lastInnings: 1);
        yield 'ahead' => new Condition(leadFrom: 1);
        yield 'behind by one or two' => new Condition(leadFrom: -2, leadTo: -1);
        yield 'tied' => new Condition(leadFrom: 0, leadTo: 0);
        yield 'at most three ahead' => new Condition(leadTo: 3);
        yield 'quick' => new Condition(batter: [BatterTrait::Quick], notBatter: [BatterTrait::Bunts]);
        yield 'two strikes' => new Condition(twoStrikes: true);
        yield 'fewer strikes' => new Condition(twoStrikes: false);
        yield 'softball' => new Condition(sports: [Sport::Fastpitch, Sport::Slowpitch]);
        yield 'leads' => new Condition(leads: true);
        yield 'no leads' => new Condition(leads: false);
        yield 'bunt' => new Condition(buntLikely: true);
        yield 'no bunt' => new Condition(buntLikely: false);
        yield 'two' => new Condition(doublePlay: true);
        yield 'no two' => new Condition(doublePlay: false);
    }

    /** @return list<int> which of some states it holds in */
    private static function holds(Condition $condition): array
    {
        $holds = [];
        foreach (self::states() as $number => $state) {
            if ($condition->holds($state)) {
                $holds[] = $number;
            }
        }

        return $holds;
    }

    /** @return list<GameState> */
    private static function states(): array
    {
        /** @var list<GameState>|null $states */
        static $states = null;

        return $states ??= array_map(
            static fn(int $index, Situation $situation): GameState => Teams::state(
                ['baseball-90', 'fastpitch-43', 'baseball-60'][$index % 3],
                $situation->key(),
                1 + (($index * 5) % 9),
                ($index % 7) - 3,
                BatterType::cases()[$index % \count(BatterType::cases())],
                0 === $index % 3 ? '1-2' : '0-0',
            ),
            array_keys(RunChain::situations()),
            RunChain::situations(),
        );
    }

    /** @return iterable<string, mixed> */
    private static function alone(): iterable
    {
        foreach ([BatterType::Right, BatterType::LeftPower, BatterType::Slapper] as $batter) {
            foreach ([Position::Shortstop, Position::SecondBase, Position::ThirdBase, Position::FirstBase] as $who) {
                foreach ([-2, -1, 1, 2, 3] as $steps) {
                    $rule = new AlignmentRule('a', 'A', new Condition(), [], [new Shade($who, $steps, 'So.')], 'So.');
                    yield "alone/$batter->value/$who->value/$steps" => ShippedChecks::findings(
                        SituationPlan::of(
                            Teams::state(situation: 'R1-0', batter: $batter),
                            Level::Fastpitch16->profile(),
                            Lineup::choose(Teams::nine()),
                            PlanBook::shipped(ShippedRuleSets::get('fastpitch-43'))->withRule($rule),
                        ),
                    );
                }
            }
        }
    }
}
