<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\Bunt\BuntKind;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\LeadRule;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\PitcherFielding;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\People\Traits;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Choice\Odds;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Choice\Race;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Play\Scheme\Verb;
use FoxCorner\Core\Problem\Unknown;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class BuntPlayTest extends TestCase
{
    use OneBunt;

    public function testTurningBackCostsTime(): void
    {
        $play = self::bunt(Teams::bunt(coverage: 'corners-crash'), 20, 30);
        $five = $play->move(Position::ThirdBase);

        self::assertSame(Verb::TurnBack, $five->jobs[0]->verb);
        self::assertGreaterThan($five->who->secondsTo($play->setting->bag(Base::Third)) + 0.3, $five->there());
    }

    public function testFirstStaysLeavesTheFirstLineToThePitcher(): void
    {
        $crash = self::bunt(Teams::bunt(coverage: 'corners-crash'), 42, 40);
        $stays = self::bunt(Teams::bunt(coverage: 'first-stays'), 42, 40);

        self::assertSame(Position::FirstBase, $crash->fieldedBy());
        self::assertSame(Position::Pitcher, $stays->fieldedBy());
        self::assertGreaterThan(
            $crash->fieldedAt() + 0.5,
            $stays->fieldedAt(),
            'the pitcher is half a second later there',
        );
    }

    public function testALeftHanderIsQuickerOnTheThirdSide(): void
    {
        $pitcher = static fn(Hand $hand) => Teams::with(Teams::player(1, 1), Traits::of($hand, Bats::Right));
        $time = static fn(Hand $hand): float => self::bunt(
            Teams::bunt(
                Teams::state('baseball-90'),
                Level::Pro,
                [$pitcher($hand), ...\array_slice(Teams::nine(), 1)],
                'first-stays',
            ),
            -5,
            50,
        )->fieldedAt();

        self::assertLessThan($time(Hand::Right), $time(Hand::Left));
    }

    /** A left-hander who has it in front of the plate faces home: first is on the side of his arm. */
    public function testTheHandThatThrowsDecidesWhichWayIsLonger(): void
    {
        $throws = static function (Hand $hand): array {
            $roster = array_map(
                static fn(RosterPlayer $one): RosterPlayer => '5' === $one->number
                    ? Teams::with($one, Traits::of($hand, Bats::Right))
                    : $one,
                Teams::nine(),
            );
            $play = self::bunt(
                Teams::bunt(Teams::bunting('baseball-90', 'R1R2-0'), Level::Pro, $roster, 'wheel'),
                -38,
                45,
            );
            self::assertSame(Position::ThirdBase, $play->fieldedBy());

            return array_map(static fn(ThrowOption $one): float => $one->released, $play->options());
        };
        [$left, $right] = [$throws(Hand::Left), $throws(Hand::Right)];

        self::assertGreaterThan($left[0] + 0.02, $right[0], 'to third the right-hander turns');
        self::assertGreaterThan($right[2] + 0.05, $left[2], 'to first the left-hander does');
    }

    public function testTheBallIsTakenAwayFromAPitcherWhoHatesToThrow(): void
    {
        $by = static function (PitcherFielding $fielding): Position {
            $hates = Traits::of(Hand::Right, Bats::Right, fielding: $fielding);
            $roster = [Teams::with(Teams::player(1, 1), $hates), ...\array_slice(Teams::nine(), 1)];

            return self::bunt(Teams::bunt(roster: $roster, coverage: 'corners-crash'), 12, 45)->fieldedBy();
        };

        self::assertSame(Position::Pitcher, $by(PitcherFielding::Ordinary));
        self::assertNotSame(Position::Pitcher, $by(PitcherFielding::HatesToThrow));
    }

    public function testASlapperIsSaferThanAnOrdinaryBatter(): void
    {
        $ordinary = self::bunt(Teams::bunt(), -40, 30);
        $slapper = self::bunt(Teams::bunt(Teams::state(batter: BatterType::Slapper)), -40, 30);

        self::assertLessThan($ordinary->options()[1]->margin(), $slapper->options()[1]->margin());
        self::assertEqualsWithDelta(
            Level::Fastpitch16->profile()->homeToFirst,
            $ordinary->options()[1]->runnerThere,
            1e-6,
        );
    }

    public function testOnTheSmallFieldTheLeadOutIsRealistic(): void
    {
        $share = static fn(PlannedPlay $plan): float => $plan->wanting(OutPolicy::Lead)->report()->leadOutShare;

        $bases = static fn(LeadRule $leads): GameState => GameState::of(
            ShippedRuleSets::get('baseball-60')->with(leads: $leads),
            Situation::fromKey('R1-0'),
            Teams::bunting()->context,
        );
        $held = $share(Teams::bunt($bases(LeadRule::WhenPitchReachesBatter), Level::Youth10));

        self::assertGreaterThan(0.4, $held);
        self::assertLessThan(
            $held - 0.2,
            $share(Teams::bunt($bases(LeadRule::Anytime), Level::Youth10)),
            'the runner may not leave before the pitch is there',
        );
    }

    /** @param array{float, float} $chances of second and first */
    #[TestWith([OutPolicy::First, [0.9, 0.5], Base::First])]
    #[TestWith([OutPolicy::Sure, [0.8, 0.95], Base::Second])]
    #[TestWith([OutPolicy::Sure, [0.79, 0.95], Base::First])]
    #[TestWith([OutPolicy::Sure, [0.79, 0.7], Base::Second])]
    #[TestWith([OutPolicy::Lead, [0.35, 0.95], Base::Second])]
    #[TestWith([OutPolicy::Lead, [0.34, 0.95], Base::First])]
    public function testThePolicyDecidesFromItsLineOn(OutPolicy $policy, array $chances, Base $called): void
    {
        $option = static fn(Base $base, float $chance): ThrowOption => new ThrowOption(
            $base,
            Position::Shortstop,
            Race::to(1, 2, 1, null, 2),
            Odds::sure($chance),
        );

        self::assertSame(
            $called,
            $policy->choose([$option(Base::Second, $chances[0]), $option(Base::First, $chances[1])])->base,
        );
    }

    public function testUnknownCoverageSaysWhichThereAre(): void
    {
        $this->expectExceptionObject(Unknown::notOneOf('coverage', 'wheel', ['corners-crash', 'first-stays']));
        Teams::bunt(coverage: 'wheel');
    }

    public function testWithTwoOutABuntIsForAHitAndNobodyIsSentEarly(): void
    {
        $plan = Teams::bunt(Teams::state('baseball-90', 'R1R2-2'));

        self::assertSame(
            ['third-reads', 'corners-crash'],
            array_map(static fn(Coverage $one): string => $one->key, $plan->coverages),
        );
        $kinds = array_map(
            static fn(Trial $trial): mixed => $trial->fields()['kind'],
            $plan->family->trials($plan->plan->scene()),
        );
        self::assertSame([BuntKind::Drag->value], array_values(array_unique($kinds)));
        self::assertNull(Teams::bunt(Teams::state('slowpitch-65'))->coverage, 'nobody bunts');
    }
}
