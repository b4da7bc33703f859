<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Family\Bunt\BuntFamily;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Count;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\RunnerSpeed;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\PitcherFielding;
use FoxCorner\Core\People\Pitching;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\Traits;
use FoxCorner\Core\Plan\Audit\AuditedPlay;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\Audit\PlaySummary;
use FoxCorner\Core\Plan\Audit\Predictable;
use FoxCorner\Core\Plan\CoverageChoice;
use FoxCorner\Core\Plan\FamilyPlan;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Map\MapOutcome;
use FoxCorner\Core\Play\Map\PlayMap;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;

/** What each coverage wins and loses, and what an out is worth. */
final class CoveragesTest extends TestCase
{
    use BuntsPlayed;

    public function testFirstStaysLosesTheFirstBaseLineUnlessThePitcherIsQuick(): void
    {
        $crash = self::chanceAt(Teams::bunt(level: Level::FastpitchCollege, coverage: 'corners-crash'), 43, 30);
        $stays = self::chanceAt(Teams::bunt(level: Level::FastpitchCollege, coverage: 'first-stays'), 43, 30);
        $quick = self::chanceAt(
            Teams::bunt(
                level: Level::FastpitchCollege,
                roster: self::pitcher(PitcherFielding::Quick),
                coverage: 'first-stays',
            ),
            43,
            30,
        );

        self::assertGreaterThan(0.8, $crash);
        self::assertLessThan(0.5, $stays, 'it is lost');
        self::assertGreaterThan($stays + 0.15, $quick, 'a quick pitcher saves some of it');
        $maps = array_map(
            static fn(string $coverage): PlayMap => self::map(
                Teams::bunt(level: Level::FastpitchCollege, coverage: $coverage),
            ),
            ['corners-crash', 'first-stays'],
        );
        $worse = [-1 => 0, 1 => 0];
        foreach ($maps[0]->spots as $index => $spot) {
            $worse[$spot->at->x < 0 ? -1 : 1] +=
                $spot->called->chance - $maps[1]->spots[$index]->called->chance > 0.2 ? 1 : 0;
        }
        self::assertGreaterThan(3, $worse[1], 'the map shows it on that side');
        self::assertSame(0, $worse[-1], 'and only there');
    }

    public function testTheWheelGainsTheOutAtThirdAndLosesSecond(): void
    {
        $state = Teams::bunting('baseball-90', 'R1R2-0');
        $wheel = Teams::bunt($state, Level::Pro, coverage: 'wheel');
        $reads = Teams::bunt($state, Level::Pro, coverage: 'third-reads');

        self::assertGreaterThan(self::map($reads)->share(MapOutcome::Lead), self::map($wheel)->share(MapOutcome::Lead));
        self::assertGreaterThan(
            2.0,
            self::option(self::bunt($wheel, -25, 30), Base::Second)->coverLate(),
            'center is far from second',
        );
        self::assertLessThan(1.0, self::option(self::bunt($reads, -25, 30), Base::Second)->coverLate());
        self::assertLessThan(
            self::option(self::bunt($reads, -25, 30), Base::Second)->chance + 1e-9,
            self::option(self::bunt($wheel, -25, 30), Base::Second)->chance,
        );
    }

    public function testWhoLeavesWithThePitchIsThereSooner(): void
    {
        $state = Teams::state(situation: 'R2-0');
        $wheel = self::bunt(Teams::bunt($state, coverage: 'wheel'), 0, 45)->move(Position::Shortstop);
        $crash = self::bunt(Teams::bunt($state, coverage: 'corners-crash'), 0, 45)->move(Position::Shortstop);

        self::assertEqualsWithDelta(
            $crash->there() - 0.47,
            $wheel->there(),
            0.01,
            'by the head start and what is left of the reaction to a bunt that is shown',
        );
    }

    public function testOnTheSmallFieldTheLeadOutIsThereAndOnTheSoftballFieldItIsNotAtSecond(): void
    {
        $small = self::map(Teams::bunt(Teams::state('baseball-60'), Level::Youth10)->wanting(OutPolicy::Lead));
        $softball = self::map(Teams::bunt(Teams::state('fastpitch-43')));

        self::assertGreaterThan(0.2, $small->share(MapOutcome::Lead));
        self::assertLessThan(0.05, $softball->share(MapOutcome::Lead));
        $second = self::bunt(Teams::bunt(Teams::state(situation: 'R2-0')), -20, 30);
        self::assertSame(
            [Base::Third, Base::First],
            array_map(static fn(ThrowOption $option): Base => $option->base, $second->options()),
        );
        self::assertFalse($second->options()[0]->isForce, 'he must be tagged');
    }

    public function testASlowRunnerOnFirstMakesSecondALeadOutOnAHardBunt(): void
    {
        $at = static fn(RunnerSpeed $speed): float => self::option(
            self::bunt(
                Teams::bunt(
                    self::withRunners('baseball-80', 'R1R2-0', $speed),
                    Level::Youth13,
                    coverage: 'third-reads',
                ),
                0,
                50,
            ),
            Base::Second,
        )->chance;

        self::assertGreaterThan(0.45, $at(RunnerSpeed::Slow));
        self::assertLessThan($at(RunnerSpeed::Slow) - 0.2, $at(RunnerSpeed::Ordinary));
        self::assertLessThan($at(RunnerSpeed::Ordinary), $at(RunnerSpeed::Quick));
    }

    public function testThirdReadsLeavesItsBagOnlyWhenNobodyElseGetsTheBall(): void
    {
        $plan = Teams::bunt(Teams::state('baseball-90', 'R2-0'), Level::Pro, coverage: 'third-reads');

        self::assertSame(Position::Pitcher, self::bunt($plan, -10, 40)->fieldedBy());
        self::assertSame(
            [Position::ThirdBase],
            array_map(static fn($move): Position => $move->position(), self::bunt($plan, -10, 40)->covers(Base::Third)),
        );
        self::assertSame(Position::ThirdBase, self::bunt($plan, -44, 70)->fieldedBy(), 'a hard one up the line');
    }

    public function testTheSameCoverageEverywhereIsPredictable(): void
    {
        $family = new BuntFamily();
        $summary = static fn(PlannedPlay $play): PlaySummary => PlaySummary::of(
            new AuditedPlay($play, $play->report()),
        );
        $plays = static fn(PlanBook $book): array => array_map(
            static fn(Bases $bases): PlaySummary => $summary(
                PlannedPlay::of(Teams::plan(Teams::state(situation: $bases->value . '-0')), $family, $book),
            ),
            [Bases::First, Bases::Second, Bases::FirstSecond, Bases::FirstThird],
        );
        $shipped = PlanBook::shipped(ShippedRuleSets::get('fastpitch-43'));
        $choice = new CoverageChoice('corners-crash', 'Wren', new \DateTimeImmutable('2026-11-01'));

        self::assertNull(Predictable::in($plays($shipped)));
        $finding = Predictable::in(
            $plays($shipped->withPlays('bunt', (new FamilyPlan())->withChoice(Situation::fromKey('R1R3-0'), $choice))),
        );
        self::assertSame('predictable', $finding?->kind);
        self::assertStringContainsString('Corners crash', $finding->measure);
    }

    public function testTheMapAgreesWithThePlaysItStandsFor(): void
    {
        $plan = Teams::bunt(Teams::state(situation: 'R1R2-0'), coverage: 'wheel');
        $map = self::map($plan);
        self::assertGreaterThan(300, \count($map->spots));
        foreach ([0, 57, 200, 311] as $index) {
            $spot = $map->spots[$index];
            $play = $plan->run($spot->trial);
            self::assertSame($play->fieldedBy(), $spot->by);
            self::assertEqualsWithDelta($play->called()->chance, $spot->called->chance, 1e-9);
        }
        self::assertEqualsWithDelta(
            1.0,
            array_sum(array_map(static fn(MapOutcome $outcome): float => $map->share($outcome), MapOutcome::cases())),
            1e-9,
        );
    }

    public function testACoverageMaySetDepthsBeforeThePitch(): void
    {
        $plan = Teams::bunt(Teams::state('baseball-90', 'R1-1'), Level::Pro);
        $in = self::copyWith($plan->coverage ?? self::fail('It is there.'), [5 => NamedDepth::Bunt]);

        self::assertGreaterThan(0.003, abs($plan->report()->outs - $plan->reportOn($in)->outs));
        self::assertSame(
            NamedDepth::DoublePlay,
            $plan->plan->alignment->spot(Position::ThirdBase)->depth,
            'the alignment itself stays',
        );
    }

    public function testAJobIsFoundByItsKey(): void
    {
        $keys = array_map(static fn(Job $job): string => $job->key(), (new BuntFamily())->tasks());

        self::assertSame(
            [
                'cover-first',
                'cover-second',
                'cover-third',
                'cover-home',
                'turn-back-third',
                'turn-back-first',
                'come-in-second',
                'back-up-first',
                'back-up-second',
                'back-up-third',
                'converge',
            ],
            $keys,
        );
        self::assertEquals((new BuntFamily())->tasks(), array_map(Job::ofKey(...), $keys));
        $this->expectExceptionMessage('job: "sing" is not known');
        Job::ofKey('sing');
    }

    /** @param array<int, NamedDepth> $depths */
    private static function copyWith(Coverage $coverage, array $depths): Coverage
    {
        return new Coverage(
            'copy',
            $coverage->name,
            $coverage->call,
            $coverage->reason,
            $coverage->bases,
            $coverage->fielders,
            $coverage->lines,
            $coverage->early,
            $coverage->reserve,
            $depths,
            $coverage->key,
        );
    }

    private static function map(PlannedPlay $plan): PlayMap
    {
        return $plan->map($plan->coverage ?? self::fail('There is a coverage.')) ?? self::fail('Bunts are mapped.');
    }

    private static function chanceAt(PlannedPlay $plan, float $degrees, float $feet): float
    {
        return self::bunt($plan, $degrees, $feet)->called()->chance;
    }

    /** @return list<\FoxCorner\Core\People\RosterPlayer> */
    private static function pitcher(PitcherFielding $fielding): array
    {
        return [
            Teams::with(Teams::player(1, 1), Traits::of(Hand::Right, Bats::Right, fielding: $fielding)),
            ...\array_slice(Teams::nine(), 1),
        ];
    }

    private static function withRunners(string $rules, string $situation, RunnerSpeed $speed): GameState
    {
        return GameState::of(
            ShippedRuleSets::get($rules),
            Situation::fromKey($situation),
            Context::of(
                3,
                Half::Top,
                0,
                Batter::ofType(BatterType::Right),
                Count::none(),
                Pitching::Ordinary,
                null,
                $speed,
            ),
        );
    }
}
