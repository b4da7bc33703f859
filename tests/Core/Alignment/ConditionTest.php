<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Alignment;

use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Alignment\Depth\Shade;
use FoxCorner\Core\Alignment\Rule\AlignmentRule;
use FoxCorner\Core\Alignment\Rule\BasesGroup;
use FoxCorner\Core\Alignment\Rule\Condition;
use FoxCorner\Core\Alignment\Rule\Placing;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\BatterTrait;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Count;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** When a rule speaks, how it reads, and what no rule can be. */
final class ConditionTest extends TestCase
{
    #[DataProvider('conditions')]
    public function testAConditionHoldsAndReadsAsItIs(
        Condition $condition,
        string $words,
        GameState $holds,
        GameState $doesNot,
    ): void {
        self::assertSame($words, $condition->words());
        self::assertTrue($condition->holds($holds));
        self::assertFalse($condition->holds($doesNot));
    }

    /** @return iterable<string, array{Condition, string, GameState, GameState}> */
    public static function conditions(): iterable
    {
        yield 'half of the inning' => [
            new Condition(half: Half::Top),
            'top half',
            Teams::state(),
            GameState::of(
                ShippedRuleSets::get('fastpitch-43'),
                Situation::fromKey('R1-0'),
                Context::of(3, Half::Bottom, 0, Batter::ofType(BatterType::Right), Count::none()),
            ),
        ];
        yield 'a group of bases' => [
            new Condition(bases: BasesGroup::RunnerOnThird->bases()),
            'runner on third',
            Teams::state(situation: 'R1R3-2'),
            Teams::state(situation: 'R1R2-2'),
        ];
        yield 'single bases' => [
            new Condition(bases: [Bases::Empty, Bases::Second]),
            'nobody on or second only',
            Teams::state(situation: 'R2-0'),
            Teams::state(situation: 'R1R2-0'),
        ];
        yield 'outs' => [
            new Condition(outs: [Outs::None, Outs::One]),
            'fewer than two out',
            Teams::state(situation: 'R1-1'),
            Teams::state(situation: 'R1-2'),
        ];
        yield 'one number of outs' => [
            new Condition(outs: [Outs::Two]),
            'two out',
            Teams::state(situation: 'R1-2'),
            Teams::state(situation: 'R1-1'),
        ];
        yield 'late' => [
            new Condition(lastInnings: 2),
            'last 2 innings',
            Teams::state(inning: 6),
            Teams::state(inning: 5),
        ];
        yield 'extra innings are late' => [
            new Condition(lastInnings: 1),
            'last inning',
            Teams::state(inning: 9),
            Teams::state(inning: 6),
        ];
        yield 'a lead' => [
            new Condition(leadFrom: 1, leadTo: 2),
            'up 1 to up 2',
            Teams::state(lead: 2),
            Teams::state(lead: 3),
        ];
        yield 'at least' => [
            new Condition(leadFrom: 4),
            'up 4 or better',
            Teams::state(lead: 4),
            Teams::state(lead: 3),
        ];
        yield 'at most' => [
            new Condition(leadTo: -1),
            'down 1 or worse',
            Teams::state(lead: -3),
            Teams::state(lead: 0),
        ];
        yield 'tied' => [new Condition(leadFrom: 0, leadTo: 0), 'tied', Teams::state(), Teams::state(lead: 1)];
        yield 'batter' => [
            new Condition(batter: [BatterTrait::Power, BatterTrait::Slaps]),
            'batter a power hitter or a slapper',
            Teams::state(batter: BatterType::LeftPower),
            Teams::state(batter: BatterType::Left),
        ];
        yield 'not the batter' => [
            new Condition(notBatter: [BatterTrait::Slaps]),
            'batter not a slapper',
            Teams::state(),
            Teams::state(batter: BatterType::Slapper),
        ];
        yield 'strikes' => [
            new Condition(twoStrikes: true),
            'two strikes',
            Teams::state(count: '1-2'),
            Teams::state(count: '1-1'),
        ];
        yield 'leads' => [
            new Condition(leads: true),
            'runners may lead',
            Teams::state('baseball-80'),
            Teams::state('baseball-60'),
        ];
        yield 'sport' => [
            new Condition(sports: [Sport::Baseball]),
            'baseball',
            Teams::state('baseball-60'),
            Teams::state(),
        ];
        yield 'bunt' => [
            new Condition(buntLikely: true),
            'a bunt is likely',
            Teams::state(situation: 'R1-0'),
            Teams::state(situation: 'R1-0', lead: 6),
        ];
        yield 'double play' => [
            new Condition(doublePlay: false),
            'no double play is in order',
            Teams::state(situation: 'R1-2'),
            Teams::state(situation: 'R1-1'),
        ];
        yield 'all of it' => [
            new Condition([Bases::Third], [Outs::One], 1, 0, 0),
            'third only, one out, last inning, tied',
            Teams::state(situation: 'R3-1', inning: 7),
            Teams::state(situation: 'R3-1', inning: 6),
        ];
    }

    public function testNothingAskedAlwaysHolds(): void
    {
        self::assertSame('always', (new Condition())->words());
        self::assertTrue((new Condition())->holds(Teams::state('slowpitch-65', 'loaded-2')));
    }

    /** @param \Closure(): mixed $make */
    #[DataProvider('impossible')]
    public function testWhatNoRuleCanBe(\Closure $make, string $field): void
    {
        try {
            $make();
            self::fail('This is no rule.');
        } catch (Problem $problem) {
            self::assertSame($field, $problem->field());
        }
    }

    /** @return iterable<string, array{\Closure(): mixed, string}> */
    public static function impossible(): iterable
    {
        $always = new Condition();
        yield 'no name' => [
            static fn(): mixed => new AlignmentRule(
                'a',
                ' ',
                $always,
                [new Placing([Position::Shortstop], NamedDepth::In)],
                [],
                'B.',
            ),
            'name',
        ];
        yield 'no reason' => [
            static fn(): mixed => new AlignmentRule(
                'a',
                'A',
                $always,
                [new Placing([Position::Shortstop], NamedDepth::In)],
                [],
                '',
            ),
            'reason',
        ];
        yield 'moves nobody' => [static fn(): mixed => new AlignmentRule('a', 'A', $always, [], [], 'B.'), 'rule'];
        yield 'places one twice' => [
            static fn(): mixed => new AlignmentRule(
                'a',
                'A',
                $always,
                [
                    new Placing([Position::Shortstop], NamedDepth::In),
                    new Placing([Position::Shortstop], NamedDepth::Normal),
                ],
                [],
                'B.',
            ),
            'rule',
        ];
        yield 'scores the wrong way round' => [static fn(): mixed => new Condition(leadFrom: 2, leadTo: 1), 'score'];
        yield 'the pitcher shades' => [static fn(): mixed => new Shade(Position::Pitcher, 1, 'C.'), 'shade'];
        yield 'too far for an outfielder' => [static fn(): mixed => new Shade(Position::LeftField, 11, 'C.'), 'shade'];
        yield 'too far for the outfield' => [
            static fn(): mixed => new AlignmentRule('a', 'A', $always, [], [], 'B.', outfieldTowardPull: 9),
            'steps of the outfield toward the pull side',
        ];
        yield 'far too many steps' => [static fn(): mixed => new Shade(Position::Shortstop, 7, 'C.'), 'shade'];
    }
}
