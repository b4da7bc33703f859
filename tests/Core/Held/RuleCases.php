<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Held;

use FoxCorner\Core\Alignment\Depth\DepthTable;
use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Alignment\Depth\Shade;
use FoxCorner\Core\Alignment\Rule\AlignmentRule;
use FoxCorner\Core\Alignment\Rule\Condition;
use FoxCorner\Core\Alignment\Rule\ShippedRules;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\PositionGroup;
use FoxCorner\Core\Plan\Check\ShippedChecks;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Check\Finding;
use FoxCorner\Core\Runs\RunChain;
use FoxCorner\Tests\Core\Teams;

/** Rules in words and when they hold, depths, and shades that stand alone. */
final class RuleCases
{
    private const INFIELD = [Position::FirstBase, Position::SecondBase, Position::ThirdBase, Position::Shortstop];

    /** @return iterable<string, array<string, mixed>> */
    public static function all(): iterable
    {
        foreach (ShippedRules::all() as $rule) {
            yield "rule $rule->id" => ['when' => $rule->when->words(), 'in' => self::holds($rule->when)];
        }
        foreach ([-6, -2, -1, 0, 1, 3] as $steps) {
            foreach (self::INFIELD as $who) {
                $shade = new Shade($who, $steps, 'so');
                yield "$who->value shaded $steps" => ['said' => $shade->words(), 'ft' => $shade->feet(90.0)];
            }
        }
        foreach (ShippedRuleSets::all() as $key => $rules) {
            yield from self::depths($key, DepthTable::shipped($rules));
        }
        foreach ([BatterType::Right, BatterType::LeftPower, BatterType::Slapper] as $batter) {
            foreach (self::INFIELD as $who) {
                foreach ([-2, -1, 1, 2, 3] as $steps) {
                    yield "$who->value alone $steps, $batter->value" => self::alone($batter, $who, $steps);
                }
            }
        }
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function depths(string $key, DepthTable $table): iterable
    {
        foreach ([Position::Shortstop, Position::ThirdBase, Position::CenterField] as $who) {
            $isOut = PositionGroup::Outfield === $who->group();
            $depths = [];
            foreach ($table->depthsOf($who) as $depth) {
                $depths[$table->word($depth)] = $isOut
                    ? $table->outfieldShare($depth)
                    : self::shares($table, $who, $depth);
            }
            yield "$key depths of $who->value" => $depths;
        }
    }

    /** @return list<float> of the base path: off the bag, behind the line */
    private static function shares(DepthTable $table, Position $who, NamedDepth $depth): array
    {
        $share = $table->infield($who, $depth);

        return [$share->off, $share->back];
    }

    /** @return array<string, mixed> */
    private static function alone(BatterType $batter, Position $who, int $steps): array
    {
        $rule = new AlignmentRule('a', 'A', new Condition(), [], [new Shade($who, $steps, 'So.')], 'So.');
        $findings = ShippedChecks::findings(
            SituationPlan::of(
                Teams::state(situation: 'R1-0', batter: $batter),
                Level::Fastpitch16->profile(),
                Lineup::choose(Teams::nine()),
                PlanBook::shipped(ShippedRuleSets::get('fastpitch-43'))->withRule($rule),
            ),
        );

        return ['found' => array_map(static fn(Finding $one): string => $one->title, $findings)];
    }

    /** @return list<string> */
    private static function holds(Condition $condition): array
    {
        $holds = array_filter(self::states(), $condition->holds(...));

        return array_values(array_map(static fn(GameState $state): string => $state->situation->key(), $holds));
    }

    /** @return list<GameState> */
    private static function states(): array
    {
        return array_map(
            static fn(int $index, $situation): GameState => Teams::state(
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
}
