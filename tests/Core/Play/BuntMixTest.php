<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\Bunt\BuntKind;
use FoxCorner\Core\Family\Bunt\BuntTrial;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\BuntPoints;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Intent;
use FoxCorner\Core\Game\IntentMix;
use FoxCorner\Core\Game\Seen;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Plan\Audit\CalledWhen;
use FoxCorner\Core\Plan\Audit\CoverageReport;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Contract\OffenceLine;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a batter may do besides bunting, what each costs a coverage, and which coverage is the cheapest when. */
final class BuntMixTest extends TestCase
{
    public function testSharesAreAllOfWhatHeDoes(): void
    {
        foreach (BatterType::cases() as $batter) {
            foreach (['none-0', 'R1-0', 'R1R3-1', 'loaded-0', 'R3-2'] as $situation) {
                $mix = IntentMix::of(Teams::state(situation: $situation, batter: $batter));
                $sum = array_sum(array_map($mix->share(...), Intent::cases()));
                self::assertEqualsWithDelta(1.0, $sum, 1e-9, "$batter->value, $situation");
            }
        }
    }

    /** Amounts by hand from the points: .85 / (1 + e^((line + .5 − points) / 1.25)), of which .56 is put down. */
    #[TestWith(['fastpitch-43', 'R1-0', Seen::Nothing, 0.3412, 0.19])]
    #[TestWith(['fastpitch-43', 'R1-0', Seen::TriedNow, 0.749, 0.42])]
    #[TestWith(['baseball-80', 'R1-0', Seen::Nothing, 0.1969, 0.11])]
    #[TestWith(['baseball-80', 'R1-1', Seen::Substitute, 0.1969, 0.11])]
    public function testAMixByItsPoints(string $rules, string $situation, Seen $seen, float $shown, float $bunts): void
    {
        $mix = IntentMix::of(Teams::state($rules, $situation, seen: $seen));
        $all = array_filter(Intent::cases(), static fn(Intent $intent): bool => $intent->isShown());

        self::assertEqualsWithDelta($shown, array_sum(array_map($mix->share(...), $all)), 0.0005);
        self::assertEqualsWithDelta($bunts, $mix->share(Intent::Bunt), 0.005);
    }

    public function testBatterCountAndRunnersMoveTheMix(): void
    {
        $mix = static fn(GameState $state): IntentMix => IntentMix::of($state);
        $usual = $mix(Teams::state());
        $strikes = $mix(Teams::state(count: '1-2'));

        self::assertGreaterThan(0.2, $usual->bunted());
        self::assertLessThan(0.03, $strikes->bunted(), 'a foul would be the out');
        self::assertEqualsWithDelta(
            0.4,
            $mix(Teams::state(situation: 'none-2', batter: BatterType::Slapper))->share(Intent::Slap),
            1e-9,
        );
        self::assertEqualsWithDelta(
            0.12,
            $mix(Teams::state(situation: 'none-2', batter: BatterType::Slapper))->share(Intent::Drag),
            1e-9,
            'with two out too',
        );
        self::assertSame(0.0, $mix(Teams::state(situation: 'R1-2'))->share(Intent::Bunt), 'nobody gives himself up');
        self::assertGreaterThan(0.0, $mix(Teams::state(situation: 'R3-1'))->share(Intent::Squeeze));
        self::assertSame(0.0, $mix(Teams::state(situation: 'loaded-0'))->share(Intent::Squeeze));
        self::assertSame(0.0, $mix(Teams::state(situation: 'R3-1'))->share(Intent::FakeAndGo), 'nobody could go');
        $waits = $mix(Teams::state(count: '3-1'));
        self::assertEqualsWithDelta(
            1.8 * $usual->share(Intent::PullBack),
            $waits->share(Intent::PullBack),
            1e-9,
            'three balls',
        );
    }

    public function testACoachWeighsWhatTheyDo(): void
    {
        $state = Teams::state();
        $usual = IntentMix::of($state);
        $twice = IntentMix::of($state->set(BuntPoints::ordinary()->withFactors(['bunt' => 2.0, 'away' => 0.0])));

        self::assertSame(0.0, $twice->share(Intent::Away));
        self::assertEqualsWithDelta(
            (2 * $usual->share(Intent::Bunt)) / $usual->share(Intent::Swing),
            $twice->share(Intent::Bunt) / $twice->share(Intent::Swing),
            1e-9,
        );
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage('Shows, then swings');
        BuntPoints::ordinary()->withFactors(['swing' => 9.5]);
    }

    public function testTheWheelGainsWhatIsBuntedAndPaysForASwing(): void
    {
        $wheel = self::lines('wheel');
        $reads = self::lines('third-reads');
        $more = static fn(Intent $intent): float => $wheel[$intent->label()] - $reads[$intent->label()];

        self::assertLessThan(-0.05, $more(Intent::Bunt));
        self::assertGreaterThan(0.05, $more(Intent::Swing), 'nobody is at short');
        self::assertGreaterThan(0.05, $more(Intent::Away), 'they leave whether he shows it or not');
        self::assertEqualsWithDelta(0.0, $more(Intent::PullBack), 1e-9, 'somebody is at third either way');
    }

    public function testARunnerWalksToTheBagThatIsLeft(): void
    {
        $crash = self::lines('corners-crash');
        $reads = self::lines('third-reads');

        self::assertGreaterThan(
            $reads[Intent::FakeAndGo->label()] + 0.2,
            $crash[Intent::FakeAndGo->label()],
            'the shortstop comes from far, the third baseman is on his way back',
        );
    }

    public function testAWheelIsCalledRarely(): void
    {
        $reports = self::reports(Teams::bunting('baseball-90-7', 'R1R2-0'), Level::HighSchool);
        $when = CalledWhen::among($reports, OutPolicy::Sure);
        $last = $when[\count($when) - 1] ?? self::fail('One is the cheapest.');

        self::assertSame('third-reads', $when[0]->report->coverage->key);
        self::assertSame(0.0, $when[0]->from);
        self::assertStringStartsWith('wheel', $last->report->coverage->key, 'played through, or as a feint');
        self::assertGreaterThan(0.25, $last->from, 'for a bunt that is sure enough');
        self::assertSame(1.0, $last->to);
    }

    /** Beside the cheapest at a chance no other is cheaper: p · met + (1 − p) · else. */
    public function testWhatIsSaidOfACoverageHolds(): void
    {
        $reports = self::reports(Teams::state(situation: 'R1R2-0'), Level::Fastpitch16);
        foreach (CalledWhen::among($reports, OutPolicy::Sure) as $one) {
            foreach ([$one->from, $one->to] as $chance) {
                $cost = static function (CoverageReport $report) use ($chance): float {
                    [$met, $else] = $report->parted(OutPolicy::Sure) ?? [\INF, \INF];

                    return $chance * $met + (1 - $chance) * $else;
                };
                foreach ($reports as $other) {
                    self::assertGreaterThanOrEqual($cost($one->report) - 1e-9, $cost($other));
                }
            }
        }
        $report = $reports[0];
        [$met, $else] = $report->parted(OutPolicy::Sure) ?? [0.0, 0.0];
        self::assertEqualsWithDelta(
            $report->costs['sure'],
            $report->met() * $met + (1 - $report->met()) * $else,
            1e-9,
            'the cost is over all that they do',
        );
    }

    /** Less than a hundredth of a run between them is no difference that anybody could know. */
    #[TestWith(['fastpitch-43', Level::Fastpitch16, 'R1R3-0', false])]
    #[TestWith(['fastpitch-35', Level::Fastpitch12, 'R1R3-0', true])]
    #[TestWith(['fastpitch-43', Level::Fastpitch16, 'R1R2-0', false])]
    public function testSomeCostTheSame(string $rules, Level $level, string $situation, bool $even): void
    {
        $reports = self::reports(Teams::state($rules, $situation), $level);
        $costs = array_map(static fn(CoverageReport $one): float => $one->costs['sure'], $reports);

        self::assertSame($even, CalledWhen::areEven($reports, OutPolicy::Sure));
        self::assertSame($even, max(0.0, ...$costs) - min(\INF, ...$costs) < 0.01);
        self::assertFalse(CalledWhen::areEven([$reports[0]], OutPolicy::Sure), 'one alone is like nothing');
    }

    /** Each of the four is the best somewhere, or nobody would teach it. */
    #[TestWith(['fastpitch-43', Level::Fastpitch16, 'R1R2-0', BatterType::TopOfOrder, 6, 'wheel'])]
    #[TestWith(['fastpitch-35', Level::Fastpitch12, 'R2-0', BatterType::Right, 3, 'corners-crash'])]
    #[TestWith(['fastpitch-43', Level::Fastpitch16, 'R1-0', BatterType::Right, 3, 'first-stays'])]
    #[TestWith(['baseball-90', Level::Pro, 'R1R2-0', BatterType::Right, 9, 'third-reads'])]
    public function testWhichIsTheCheapest(
        string $rules,
        Level $level,
        string $situation,
        BatterType $batter,
        int $inning,
        string $best,
    ): void {
        $state = Teams::state($rules, $situation, $inning, batter: $batter);
        $costs = [];
        foreach (Teams::bunt($state, $level)->coverages as $coverage) {
            $costs[$coverage->key] = Teams::bunt($state, $level)->reportOn($coverage, Teams::cost($level))->costs[
                'sure'
            ];
        }
        asort($costs);

        self::assertSame($best, array_key_first($costs), json_encode($costs, \JSON_THROW_ON_ERROR));
    }

    public function testARunnerOnThirdWaitsUnlessHeIsSent(): void
    {
        $play = Teams::bunt(Teams::state(situation: 'R3-1'));
        $rules = $play->plan->state->rules;
        $safety = $play->run(BuntTrial::restingAt(20, -30, $rules));
        $squeeze = $play->run(BuntTrial::restingAt(20, -30, $rules, BuntKind::Squeeze));
        $bases = static fn(Timeline $play): array => array_map(
            static fn(ThrowOption $one): Base => $one->base,
            $play->options(),
        );

        self::assertSame([Base::First], $bases($safety), 'the third baseman has it in front of him');
        self::assertTrue($safety->setting->runners[0]->stays());
        self::assertSame([Base::Home, Base::First], $bases($squeeze));
    }

    public function testTwoOnAHardBuntAreTriedAndCounted(): void
    {
        $state = Teams::bunting('baseball-80', 'loaded-0');
        $play = Teams::bunt($state, Level::Youth13)
            ->wanting(OutPolicy::Lead)
            ->run(BuntTrial::restingAt(75, 40, $state->rules), Teams::cost(Level::Youth13));

        self::assertSame(Base::Home, $play->called()->base);
        self::assertCount(2, $play->legs);
        self::assertSame(Base::First, $play->legs[1]->made->base);
        self::assertEqualsWithDelta($play->called()->chance * $play->legs[1]->made->inHand, $play->called()->two, 1e-9);
    }

    /** @return array<string, float> costs by what he does */
    private static function lines(string $coverage): array
    {
        $report = Teams::bunt(Teams::state(situation: 'R1R2-0'), coverage: $coverage)->report(
            Teams::cost(Level::Fastpitch16),
        );

        return array_combine(
            array_map(static fn(OffenceLine $line): string => $line->label, $report->offence),
            array_map(static fn(OffenceLine $line): float => $line->cost(OutPolicy::Sure), $report->offence),
        );
    }

    /** @return list<CoverageReport> */
    private static function reports(GameState $state, Level $level): array
    {
        $play = Teams::bunt($state, $level);

        return array_map(
            static fn($coverage): CoverageReport => $play->reportOn($coverage, Teams::cost($level)),
            $play->coverages,
        );
    }
}
