<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Plan;

use FoxCorner\Core\Alignment\Depth\Shade;
use FoxCorner\Core\Alignment\Rule\AlignmentRule;
use FoxCorner\Core\Alignment\Rule\Condition;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Check\ShippedChecks;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Check\Finding;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;

/** Every shade opens a gap somewhere: a hole where the batter hits must be closed by the neighbour. */
final class ShadeWithoutPartnerTest extends TestCase
{
    public function testTheShippedRulesCloseWhatTheyOpen(): void
    {
        foreach (BatterType::cases() as $batter) {
            foreach (['none-0', 'R1-0', 'R1R3-1', 'R2-1', 'loaded-2'] as $situation) {
                self::assertSame(
                    [],
                    self::findings(
                        PlanBook::shipped(ShippedRuleSets::get('fastpitch-43')),
                        Teams::state(situation: $situation, batter: $batter),
                    ),
                );
            }
        }
    }

    public function testAShortstopWhoShadesAloneIsFound(): void
    {
        [$finding] = self::findings(
            self::shading(new Shade(Position::Shortstop, -2, 'Closer to the bag.')),
            Teams::state(situation: 'R1-0'),
        );

        self::assertSame('5–6 hole left open', $finding->title);
        self::assertStringContainsString('6 shades 2 steps and the 5–6 hole grows by', $finding->measure);
        self::assertStringContainsString('5 does not move with him', $finding->measure);
        self::assertStringStartsWith('Let 5 close it', $finding->mend);
    }

    public function testThePartnerClosesIt(): void
    {
        self::assertSame(
            [],
            self::findings(
                self::shading(
                    new Shade(Position::Shortstop, -2, 'Closer.'),
                    new Shade(Position::ThirdBase, 2, 'With him.'),
                ),
                Teams::state(situation: 'R1-0'),
            ),
        );
    }

    public function testAHoleWhereTheBatterDoesNotHitIsNone(): void
    {
        $book = self::shading(new Shade(Position::Shortstop, -2, 'Closer.'));

        self::assertSame(
            [],
            self::findings($book, Teams::state(situation: 'R1-0', batter: BatterType::LeftPower)),
            'a left-hander who pulls leaves the left side alone',
        );
        self::assertNotSame([], self::findings($book, Teams::state(situation: 'R1-0', batter: BatterType::RightPower)));
    }

    private static function shading(Shade ...$shades): PlanBook
    {
        return PlanBook::shipped(ShippedRuleSets::get('fastpitch-43'))->withRule(
            new AlignmentRule(
                'short-toward-second',
                'Toward second',
                new Condition(),
                [],
                array_values($shades),
                'The bag first.',
            ),
        );
    }

    /** @return list<Finding> */
    private static function findings(PlanBook $book, GameState $state): array
    {
        return ShippedChecks::findings(
            SituationPlan::of($state, Level::Fastpitch16->profile(), Lineup::choose(Teams::nine()), $book),
        );
    }
}
