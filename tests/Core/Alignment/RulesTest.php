<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Alignment;

use FoxCorner\Core\Alignment\Alignment;
use FoxCorner\Core\Alignment\Depth\DepthTable;
use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Alignment\Depth\Shade;
use FoxCorner\Core\Alignment\Rule\AlignmentRule;
use FoxCorner\Core\Alignment\Rule\Condition;
use FoxCorner\Core\Alignment\Rule\Placing;
use FoxCorner\Core\Alignment\Rule\ShippedRules;
use FoxCorner\Core\Alignment\Spot;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\BatterTrait;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Count;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Game\Tendency;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Pitching;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Rules are data: when they speak, how they read, and that the shipped ones judge as coaches do. */
final class RulesTest extends TestCase
{
    public function testAPitcherWhoHitsSpotsIsTrustedAndAWildOneIsNot(): void
    {
        $far = static fn(Pitching $pitching): int => self::alignment(self::pitched($pitching))
            ->spot(Position::SecondBase)
            ->steps();

        self::assertSame(-2, $far(Pitching::HitsSpots));
        self::assertSame(-1, $far(Pitching::Ordinary));
        self::assertSame(0, $far(Pitching::Wild));
    }

    public function testASwitchHitterStandsAwayFromThePitchersArm(): void
    {
        $batter = Batter::named('x', 'Nilsen', Bats::Switch, 7, Tendency::AllFields, true, true, 3.0, 3.2);

        self::assertSame(BatterType::LeftPower, $batter->against(Hand::Right)->type);
        self::assertSame(BatterType::RightPower, $batter->against(Hand::Left)->type);
        self::assertTrue($batter->against(Hand::Left)->is(BatterTrait::Bunts), 'what else is known stays');
        self::assertTrue($batter->against(Hand::Left)->is(BatterTrait::Quick));
        self::assertFalse($batter->is(BatterTrait::TopOfOrder));
        $right = Batter::named('y', 'Imre', Bats::Right, 2, Tendency::AllFields, false, false, null, 3.2);
        self::assertSame($right, $right->against(Hand::Left));
        self::assertTrue($right->is(BatterTrait::TopOfOrder));
    }

    public function testTheSameSituationDiffersForAStatedReason(): void
    {
        $base = self::alignment(Teams::state('baseball-90', 'R3-1'));
        $calls = [];
        foreach (
            [
                'slapper' => Teams::state('baseball-90', 'R1-0', batter: BatterType::Slapper),
                'power' => Teams::state('baseball-90', 'R3-1', batter: BatterType::RightPower),
                'two strikes, a bunter' => Teams::state(
                    'baseball-90',
                    'R1-0',
                    batter: BatterType::TopOfOrder,
                    count: '0-2',
                ),
                'tied in the last' => Teams::state('baseball-90', 'R3-1', inning: 9),
                'ahead by six' => Teams::state('baseball-90', 'R3-1', lead: 6),
            ] as $name => $state
        ) {
            $alignment = self::alignment($state);
            self::assertNotSame(
                [],
                array_diff($alignment->reasons(), $base->reasons()),
                "$name has a reason of its own",
            );
            $calls[$name] = $alignment->call();
        }

        self::assertSame(
            [
                'slapper' => 'Double play, third in, first holds',
                'power' => 'Halfway',
                'two strikes, a bunter' => 'Double play, first holds',
                'tied in the last' => 'In',
                'ahead by six' => 'Normal',
            ],
            $calls,
        );
    }

    public function testTheCornersCutTheRunOffWhileTheMiddleWaitsForTwo(): void
    {
        $depths = static fn(string $situation, int $inning, int $lead): array => array_map(
            static fn(int $number): string => self::alignment(
                Teams::state('baseball-90', $situation, $inning, $lead),
            )->spot(Position::from($number))->depth->value,
            [3, 4, 5, 6],
        );
        $split = ['in', 'double-play', 'in', 'double-play'];

        self::assertSame(['hold', 'double-play', 'in', 'double-play'], $depths('R1R3-1', 3, 0));
        self::assertSame($split, $depths('loaded-1', 3, 0));
        self::assertSame($split, $depths('loaded-0', 3, -2));
        self::assertSame(['double-play', 'double-play', 'double-play', 'double-play'], $depths('loaded-1', 3, 4));
        $in = ['in', 'in', 'in', 'in'];
        self::assertSame($in, $depths('loaded-1', 9, 0), 'one run beats us');
        self::assertSame($in, $depths('loaded-0', 9, 1), 'two do not end it');
        self::assertSame(['in', 'double-play', 'in', 'double-play'], $depths('loaded-1', 9, 1), 'two end it');
        self::assertSame('Double play, corners in', self::alignment(Teams::state('baseball-90', 'loaded-1'))->call());
    }

    public function testTheRunOnSecondWinsItOnlyWhereTheyBatLast(): void
    {
        $state = static fn(Half $half, int $lead): GameState => GameState::of(
            ShippedRuleSets::get('baseball-90'),
            Situation::fromKey('R2-2'),
            Context::of(9, $half, $lead, Batter::ofType(BatterType::Right), Count::none()),
        );
        $depth = static fn(GameState $state): NamedDepth => self::alignment($state)->spot(Position::LeftField)->depth;

        self::assertSame(NamedDepth::Shallow, $depth($state(Half::Bottom, 0)));
        self::assertSame(NamedDepth::Normal, $depth($state(Half::Top, 0)));
        $ahead = $state(Half::Bottom, 1);
        self::assertSame(NamedDepth::Normal, $depth($ahead), 'the lines are guarded by whoever wants to pay for it');
        $book = PlanBook::shipped($ahead->rules);
        $guarding = array_map(
            static fn(AlignmentRule $rule): AlignmentRule => 'guard' === $rule->id ? $rule->switched(true) : $rule,
            $book->rules,
        );
        $spots = Alignment::byRules($ahead, $book->depths, $guarding);
        self::assertSame(NamedDepth::Deep, $spots->spot(Position::LeftField)->depth);
        self::assertSame(NamedDepth::GuardLines, $spots->spot(Position::ThirdBase)->depth);
    }

    /** A soft one pulls the shortstop onto the base line and well over, one with power leaves him his depth. */
    public function testASlapperIsSoftOrHasPower(): void
    {
        $short = static fn(BatterType $batter): Spot => self::alignment(
            Teams::state('fastpitch-43', 'none-0', batter: $batter),
        )->spot(Position::Shortstop);
        $outfield = static fn(BatterType $batter): Spot => self::alignment(
            Teams::state('fastpitch-43', 'none-0', batter: $batter),
        )->spot(Position::CenterField);

        self::assertSame(NamedDepth::Halfway, $short(BatterType::Slapper)->depth);
        self::assertSame(5, $short(BatterType::Slapper)->steps());
        self::assertSame(NamedDepth::Shallow, $outfield(BatterType::Slapper)->depth);
        self::assertSame(NamedDepth::Normal, $short(BatterType::PowerSlapper)->depth);
        self::assertSame(3, $short(BatterType::PowerSlapper)->steps());
        self::assertSame(NamedDepth::Normal, $outfield(BatterType::PowerSlapper)->depth);
        self::assertSame(0, $outfield(BatterType::PowerSlapper)->steps());
        $named = Batter::named('x', 'Imre', Bats::Slap, 1, Tendency::OtherWay, true, false, null, 3.2);
        self::assertSame(BatterType::PowerSlapper, $named->type);
    }

    public function testTheOutfieldGoesRoundWithTheBatter(): void
    {
        $x = static fn(BatterType $batter): float => self::alignment(
            Teams::state('fastpitch-43', 'none-0', batter: $batter),
        )->point(Position::CenterField)->x;

        self::assertEqualsWithDelta(0.0, $x(BatterType::Right), 1e-9);
        self::assertEqualsWithDelta(-10.0, $x(BatterType::RightPower), 0.05, 'five steps of 2 ft');
        self::assertEqualsWithDelta(10.0, $x(BatterType::LeftPower), 0.05);
        self::assertEqualsWithDelta(-10.0, $x(BatterType::Slapper), 0.05, 'the other way');
        $slapper = self::alignment(Teams::state('fastpitch-43', 'none-0', batter: BatterType::Slapper));
        $fence = ShippedRuleSets::get('fastpitch-43')->fence;
        foreach ([Position::LeftField, Position::CenterField, Position::RightField] as $position) {
            $point = $slapper->point($position);
            self::assertEqualsWithDelta(
                0.56 * $fence->distanceAt($point->sprayDegrees()),
                $point->distanceTo(Point::home()),
                1e-6,
            );
        }
        self::assertStringContainsString('4 to left', $slapper->spot(Position::CenterField)->placement->inPaces(2.5));
    }

    public function testSoftballAndBaseballDiffer(): void
    {
        $softball = self::alignment(Teams::state('fastpitch-43', 'R1-1'));
        $baseball = self::alignment(Teams::state('baseball-90', 'R1-1'));

        self::assertStringContainsString('front', $softball->spot(Position::ThirdBase)->placement->inFeet());
        self::assertStringContainsString('back', $baseball->spot(Position::ThirdBase)->placement->inFeet());
        self::assertSame(NamedDepth::Hold, $baseball->spot(Position::FirstBase)->depth);
        self::assertNotSame(NamedDepth::Hold, $softball->spot(Position::FirstBase)->depth, 'nobody leads there');
    }

    public function testATwoStrikeBuntIsBelievedWhenTheGameIsTiedAtItsEnd(): void
    {
        self::assertNotSame(
            NamedDepth::Bunt,
            self::alignment(Teams::state(inning: 3, count: '0-2'))->spot(Position::ThirdBase)->depth,
        );
        self::assertSame(
            NamedDepth::Bunt,
            self::alignment(Teams::state(inning: 7, count: '0-2'))->spot(Position::ThirdBase)->depth,
        );
    }

    public function testTheSpotSaysWhichRuleDecidedAndWhatItReplaced(): void
    {
        $spot = self::alignment(Teams::bunting('baseball-90'))->spot(Position::FirstBase);

        self::assertSame('Hold the runner', $spot->rule);
        self::assertSame(NamedDepth::Bunt, $spot->instead);
    }

    public function testLaterRulesGoAndRulesThatAreOffSayNothing(): void
    {
        $in = new AlignmentRule(
            'in',
            'All in',
            new Condition(),
            [new Placing([Position::Shortstop], NamedDepth::In)],
            [],
            'In.',
        );
        $depth = static fn(AlignmentRule ...$more): NamedDepth => Alignment::byRules(
            Teams::state(situation: 'none-2'),
            DepthTable::shipped(ShippedRuleSets::get('fastpitch-43')),
            [...ShippedRules::all(), ...array_values($more)],
        )->spot(Position::Shortstop)->depth;

        self::assertSame(NamedDepth::In, $depth($in));
        self::assertSame(NamedDepth::Normal, $depth($in->switched(false)));
    }

    #[TestWith([Position::ThirdBase, 2, '5 2 steps off the line'])]
    #[TestWith([Position::FirstBase, -1, '3 a step closer to the line'])]
    #[TestWith([Position::Shortstop, -2, '6 2 steps closer to second'])]
    #[TestWith([Position::SecondBase, 1, '4 a step off second'])]
    #[TestWith([Position::LeftField, -10, '7 10 steps to left'])]
    #[TestWith([Position::CenterField, 1, '8 a step to right'])]
    public function testAShadeReadsFromItsBag(Position $position, int $steps, string $words): void
    {
        self::assertSame($words, (new Shade($position, $steps, 'D.'))->words());
    }

    private static function pitched(Pitching $pitching): GameState
    {
        return GameState::of(
            ShippedRuleSets::get('baseball-90'),
            Situation::fromKey('none-0'),
            Context::of(3, Half::Top, 0, Batter::ofType(BatterType::Right), Count::none(), $pitching),
        );
    }

    private static function alignment(GameState $state): Alignment
    {
        return Alignment::byRules($state, DepthTable::shipped($state->rules), ShippedRules::all());
    }
}
