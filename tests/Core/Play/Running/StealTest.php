<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play\Running;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\Play\Running\Battery;
use FoxCorner\Core\Play\Running\Helps;
use FoxCorner\Core\Play\Running\Leads;
use FoxCorner\Core\Play\Running\StealKind;
use FoxCorner\Core\Play\Running\StealRace;
use FoxCorner\Core\Play\Running\StealRules;
use FoxCorner\Core\Play\Running\TagThrow;
use FoxCorner\Core\Play\Running\Thief;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A battery against a runner who goes. */
final class StealTest extends TestCase
{
    /** The rows of the model's calibration. */
    #[TestWith([Level::Pro, 4.35, 12.0, 3.5, 3.7])]
    #[TestWith([Level::FastpitchCollege, 2.95, 0.0, 2.6, 2.9])]
    public function testHowLongARunnerNeedsToSecond(
        Level $level,
        float $time,
        float $lead,
        float $from,
        float $to,
    ): void {
        $race = self::race($level, Base::Second);
        $seconds = $race->runner(self::thief($level, $time), $lead);

        self::assertGreaterThanOrEqual($from, $seconds);
        self::assertLessThanOrEqual($to, $seconds);
    }

    public function testTheCatchersThrowIsTheModels(): void
    {
        $battery = new Battery(0.0, 0.75, Speed::ofMph(82.0), 1.0, Speed::ofMph(82.0));
        $ball = self::race(Level::Pro, Base::Second, $battery)->ball;

        self::assertGreaterThanOrEqual(1.95, $ball);
        self::assertLessThanOrEqual(2.05, $ball);
    }

    /** Run down by hand: delivery, exchange, flight and tag against start and legs. */
    public function testTheMarginIsOneClockAgainstTheOther(): void
    {
        $level = Level::HighSchool->profile();
        $battery = new Battery(1.4, 0.8, Speed::ofMph(74.0), 0.95, Speed::ofMph(72.0));
        $thief = self::thief(Level::HighSchool, 4.4);
        $race = self::race(Level::HighSchool, Base::Third, $battery);
        $flight = Throws::of(Ball::Baseball)->given(90.0, Speed::ofMph(74.0));

        self::assertEqualsWithDelta(1.4 + 0.8 + $flight, $race->ball, 1e-9);
        self::assertEqualsWithDelta(0.15 + $thief->legs->secondsFor(74.0), $race->runner($thief, 16.0), 1e-9);
        self::assertEqualsWithDelta(
            $race->runner($thief, 16.0) - $race->ball - $level->motion->tag,
            $race->margin($thief, 16.0),
            1e-9,
        );
        self::assertEqualsWithDelta(2.2, $race->leaves(), 1e-9);
    }

    public function testWhoMayOnlyGoWhenThePitchIsThereIsNotHurriedByTheDelivery(): void
    {
        $quick = new Battery(0.9, 1.3, Speed::ofMph(50.0), 0.8, Speed::ofMph(48.0));
        $slow = new Battery(1.6, 1.3, Speed::ofMph(50.0), 0.8, Speed::ofMph(48.0));
        $thief = self::thief(Level::Youth10, 3.7);
        $margin = static fn(Battery $battery): float => self::race(Level::Youth10, Base::Second, $battery)->margin(
            $thief,
            0.0,
        );

        self::assertEqualsWithDelta($margin($quick), $margin($slow), 1e-9);
        self::assertEqualsWithDelta(
            0.7,
            self::race(Level::Youth10, Base::Second, $slow)->runner($thief, 0.0) -
                self::race(Level::Youth10, Base::Second, $quick)->runner($thief, 0.0),
            1e-9,
        );
    }

    public function testALateCoverIsALateTag(): void
    {
        $race = self::race(Level::Pro, Base::Second);
        $late = StealRace::to(
            Base::Second,
            Battery::ordinary(Level::Pro->profile()),
            ShippedRuleSets::get('baseball-90'),
            Level::Pro->profile(),
            StealKind::Straight,
            $race->ball + 0.3,
        );
        $thief = self::thief(Level::Pro, 4.4);

        self::assertEqualsWithDelta($race->margin($thief, 12.0) - 0.3, $late->margin($thief, 12.0), 1e-9);
        self::assertEqualsWithDelta($race->margin($thief, 12.0), $late->coveredSooner(0.3)->margin($thief, 12.0), 1e-9);
    }

    public function testADelayedRunnerGoesAfterTheCatchAndFartherOff(): void
    {
        $level = Level::College->profile();
        $rules = ShippedRuleSets::get('baseball-90');
        $late = StealRace::to(Base::Second, Battery::ordinary($level), $rules, $level, StealKind::Delayed);
        $straight = self::race(Level::College, Base::Second);

        self::assertEqualsWithDelta(1.36, $late->starts, 1e-9);
        self::assertEqualsWithDelta(18.0, $late->off(12.0), 1e-9);
        $sees = 0.35 - 0.4 * Battery::ordinary($level)->exchange;
        self::assertEqualsWithDelta($sees, $late->ball - $straight->ball, 1e-9, 'he sees him go, the ball in hand');
        self::assertEqualsWithDelta($sees, $late->leaves() - $straight->leaves(), 1e-9);
    }

    /** Who must wait for the pitch is hardly off as it is caught; going late is not the rule anywhere. */
    #[TestWith([Level::Fastpitch16])]
    #[TestWith([Level::FastpitchCollege])]
    #[TestWith([Level::Fastpitch12])]
    #[TestWith([Level::Pro])]
    #[TestWith([Level::Youth13])]
    public function testADelayedStealIsNotTheRule(Level $level): void
    {
        $rules = ShippedRuleSets::get($level->usualRules());
        $profile = $level->profile();
        $safe = static function (StealKind $kind) use ($rules, $profile): float {
            $race = StealRace::to(Base::Second, Battery::ordinary($profile), $rules, $profile, $kind);

            return $race->success(Thief::of($rules, $profile), Leads::usual(Base::First, $rules));
        };

        self::assertLessThan($safe(StealKind::Straight) - 0.05, $safe(StealKind::Delayed));
        $late = StealRace::to(Base::Second, Battery::ordinary($profile), $rules, $profile, StealKind::Delayed);
        self::assertEqualsWithDelta(
            10.0 + ($rules->leads->allowsLeads() ? $rules->basePath / 15 : 3.0),
            $late->off(10.0),
            1e-9,
        );
    }

    /** A quarter of the way between the chance of a ball that is away and the race. */
    public function testPitchesThatGetAwayAndThrowsThatMissAreInTheChance(): void
    {
        $level = Level::Pro->profile();
        $battery = new Battery(1.36, 0.73, Speed::ofMph(82.0), 0.75, Speed::ofMph(82.0));
        $race = self::race(Level::Pro, Base::Second, $battery);
        $slow = self::thief(Level::Pro, 6.0);

        self::assertEqualsWithDelta(0.25 * 0.94 + 0.75 * $race->astray(), $race->success($slow, 0.0), 1e-4);
        self::assertEqualsWithDelta(
            1 - TagThrow::over($race->thrown, 3.5, $level->skills)->caught,
            $race->astray(),
            1e-9,
        );
        self::assertEqualsWithDelta(0.94, $race->with($battery->never())->success($slow, 0.0), 1e-9);
    }

    /** Integrated finely, apart from the code: a throw off by a foot costs 0.06 s at the tag. */
    public function testAThrowOffTheBagMakesTheTagLater(): void
    {
        $skills = Level::HighSchool->profile()->skills;
        $scatter = 127.28 * tan(deg2rad($skills->throw));
        [$sum, $step] = [0.0, 0.001];
        for ($off = $step / 2; $off < 3.5; $off += $step) {
            $density = ($off / $scatter ** 2) * exp((-$off * $off) / (2 * $scatter ** 2));
            $sum += ($density * $step) / (1 + exp(-(0.1 - 0.06 * $off) / 0.12));
        }
        $throw = TagThrow::over(127.28, 3.5, $skills);

        self::assertEqualsWithDelta((1 - 0.008 * $skills->bag) * $sum, $throw->out(0.1, 0.12), 0.002);
        self::assertEqualsWithDelta(0.7311, TagThrow::over(100.0, 3.5, $skills->perfect())->out(0.1, 0.1), 0.0001);
        self::assertLessThan($throw->caught - 0.3, TagThrow::surprised(127.28, 3.5, $skills)->caught);
    }

    public function testTheLineIsWhereTheRunnerIsSafeAsOftenAsThat(): void
    {
        $race = self::race(Level::HighSchool, Base::Second);
        $thief = self::thief(Level::HighSchool, 4.5);
        $line = $race->line($thief, 0.7) ?? 0.0;

        self::assertEqualsWithDelta(0.7, $race->success($thief, $line), 0.002);
        self::assertGreaterThan($line + 2.0, $race->line($thief, 0.85) ?? 0.0);
        self::assertNull(self::race(Level::Pro, Base::Home)->line($thief, 0.7), 'nobody walks in');
        self::assertSame(0.0, self::race(Level::Youth13, Base::Second)->line(self::thief(Level::Youth13, 3.9), 0.7));
    }

    public function testWhatWouldHelpMostComesFirst(): void
    {
        $level = Level::HighSchool->profile();
        $battery = Battery::ordinary($level);
        $race = self::race(Level::HighSchool, Base::Second, $battery);
        $thief = self::thief(Level::HighSchool, 4.4);
        $helps = Helps::all($race, $battery, $thief, 12.0, ShippedRuleSets::get('baseball-90-7'));

        self::assertSame(
            ['slide-step', 'pitch-out', 'quicker-exchange', 'stronger-arm'],
            array_map(static fn(Helps $one): string => $one->what, $helps),
            'a cover who waits at the bag need not start sooner',
        );
        self::assertEqualsWithDelta(0.15, $helps[0]->margin - $race->margin($thief, 12.0), 1e-9);
        self::assertEqualsWithDelta(0.12, $helps[1]->margin - $race->margin($thief, 12.0), 1e-9);
        self::assertEqualsWithDelta(0.1, $helps[2]->margin - $race->margin($thief, 12.0), 1e-9);
        self::assertGreaterThan(8.0, $helps[0]->outs());
        $softball = Helps::all(
            self::race(Level::Fastpitch16, Base::Second),
            Battery::ordinary(Level::Fastpitch16->profile()),
            self::thief(Level::Fastpitch16, 3.2),
            0.0,
            ShippedRuleSets::get('fastpitch-43'),
        );
        self::assertNotContains('slide-step', array_map(static fn(Helps $one): string => $one->what, $softball));
    }

    public function testAQuickPitcherGainsNothingByASlideStep(): void
    {
        $quick = new Battery(1.05, 0.7, Speed::ofMph(80.0), 1.0, Speed::ofMph(80.0));
        $quicker = new Battery(0.95, 0.7, Speed::ofMph(80.0), 1.0, Speed::ofMph(80.0));

        self::assertEqualsWithDelta(1.0, $quick->slideStepping()->toPlate, 1e-9);
        self::assertEqualsWithDelta(0.95, $quicker->slideStepping()->toPlate, 1e-9);
    }

    #[TestWith(['baseball-90', 12.0, true])]
    #[TestWith(['fastpitch-43', 0.0, true])]
    #[TestWith(['fastpitch-43', 2.0, false])]
    #[TestWith(['baseball-60', 2.0, false])]
    #[TestWith(['slowpitch-65', 0.0, false])]
    public function testTheRuleSetSaysWhetherHeMay(string $rules, float $lead, bool $isLegal): void
    {
        $rule = StealRules::of($lead, ShippedRuleSets::get($rules));

        self::assertSame($isLegal, $rule->isLegal);
        self::assertStringEndsWith('Your league’s book and umpire decide.', $rule->why);
    }

    private static function thief(Level $level, float $time): Thief
    {
        return Thief::of(ShippedRuleSets::get($level->usualRules()), $level->profile(), $time, Bats::Right);
    }

    private static function race(Level $level, Base $base, ?Battery $battery = null): StealRace
    {
        $profile = $level->profile();

        return StealRace::to(
            $base,
            $battery ?? Battery::ordinary($profile),
            ShippedRuleSets::get($level->usualRules()),
            $profile,
        );
    }
}
