<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Traits;
use FoxCorner\Core\Play\Cast\BaseRunner;
use FoxCorner\Core\Play\Cast\BatterRunner;
use FoxCorner\Core\Play\Cast\Cast;
use FoxCorner\Core\Play\Cast\RunnerMind;
use FoxCorner\Core\Play\Clock\Track;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RunnersTest extends TestCase
{
    public function testTheRuleSetDecidesTheLead(): void
    {
        $lead = static fn(string $rules): float => BaseRunner::ofLevel(
            Base::First,
            ShippedRuleSets::get($rules),
            Level::Pro->profile(),
        )->lead;

        self::assertGreaterThan($lead('fastpitch-43'), $lead('baseball-90'));
        self::assertGreaterThan($lead('baseball-60'), $lead('fastpitch-43'));
        self::assertSame(0.0, $lead('slowpitch-65'));
    }

    /** With the stride out of a walking lead; on the release; as the pitch is there: never later than who waits. */
    public function testWhoLeavesWithThePitchIsHomeSooner(): void
    {
        $runner = static fn(Level $level, string $rules): BaseRunner => BaseRunner::ofLevel(
            Base::Third,
            ShippedRuleSets::get($rules),
            $level->profile(),
        );
        $home = static fn(Level $level, string $rules): array => [
            $runner($level, $rules)->gone()->secondsOver(1),
            $runner($level, $rules)->minding(RunnerMind::ReadsBunt)->secondsOver(1),
        ];

        [$gone, $waits] = $home(Level::Pro, 'baseball-90');
        self::assertEqualsWithDelta(2.403, $gone, 0.01, 'some two seconds after contact');
        self::assertEqualsWithDelta(3.398, $waits, 0.01);
        [$gone, $waits] = $home(Level::Youth13, 'baseball-70');
        self::assertEqualsWithDelta(1.839, $gone, 0.01);
        self::assertEqualsWithDelta(2.827, $waits, 0.01);
        [$gone, $waits] = $home(Level::Fastpitch16, 'fastpitch-43');
        self::assertEqualsWithDelta(2.45, $gone, 0.01, 'half a second before contact, from the bag');
        self::assertEqualsWithDelta(2.993, $waits, 0.01);
        [$gone, $waits] = $home(Level::Youth10, 'baseball-60');
        self::assertEqualsWithDelta(0.12, $waits - $gone, 0.001, 'he may not leave before, and need not look');
        $pro = $runner(Level::Pro, 'baseball-90')->gone();
        self::assertEqualsWithDelta(16.0, $pro->lead, 1e-9);
        self::assertEqualsWithDelta(-0.95, $pro->startDelay, 1e-9);
    }

    public function testRoundingABaseCostsInProportion(): void
    {
        $runner = BaseRunner::ofLevel(Base::First, ShippedRuleSets::get('baseball-90'), Level::Pro->profile())->minding(
            RunnerMind::ReadsBunt,
        );
        $straight = $runner->startDelay + $runner->legs->secondsFor(180 - $runner->lead);

        self::assertEqualsWithDelta(0.3, $runner->secondsOver(2) - $straight, 1e-9);
    }

    #[DataProvider('batters')]
    public function testBatters(BatterType $type, float $share, float $sooner): void
    {
        $rules = ShippedRuleSets::get('fastpitch-43');
        $seconds = BatterRunner::of(Batter::ofType($type), $rules, Level::Fastpitch16->profile())->secondsFor(60);

        self::assertEqualsWithDelta($share * 3.4 - $sooner, $seconds, 1e-6);
    }

    /** @return iterable<string, array{BatterType, float, float}> */
    public static function batters(): iterable
    {
        yield 'ordinary' => [BatterType::Right, 1.0, 0.0];
        yield 'left' => [BatterType::Left, 1.0, 0.1];
        yield 'slapper' => [BatterType::Slapper, 0.95, 0.25];
        yield 'power' => [BatterType::LeftPower, 1.04, 0.1];
    }

    public function testAPlayersOwnTimeDrivesTheLegs(): void
    {
        $rules = ShippedRuleSets::get('fastpitch-43');
        $level = Level::Fastpitch16->profile();
        $legs = static fn(Traits $traits): Legs => Cast::runningLegs($traits, $rules, $level);

        self::assertGreaterThan(
            $legs(Traits::of(Hand::Right, Bats::Right, 3.4))->topSpeed,
            $legs(Traits::of(Hand::Right, Bats::Right, 3.0))->topSpeed,
        );
        self::assertGreaterThan(
            $legs(Traits::of(Hand::Right, Bats::Slap, 3.0))->topSpeed,
            $legs(Traits::of(Hand::Right, Bats::Right, 3.0))->topSpeed,
            'the slapper’s time has a head start in it',
        );
        self::assertEqualsWithDelta(
            $legs(Traits::of(Hand::Right, Bats::Right, 3.4))->topSpeed,
            $legs(Traits::unknown())->topSpeed,
            1e-9,
            'nobody measured: the level’s own',
        );
    }

    public function testATrackFollowsTheRunner(): void
    {
        $legs = Legs::of(24, 0.6);
        $track = Track::standingAt(Point::of(0, 0))->thenRuns(Point::of(30, 40), 0.5, $legs);

        self::assertEqualsWithDelta(0.0, $track->at(0.5)->distanceTo(Point::of(0, 0)), 1e-9);
        self::assertEqualsWithDelta(0.5 + $legs->secondsFor(50), $track->end()->seconds, 1e-9);
        for ($seconds = 0.6; $seconds < $track->end()->seconds; $seconds += 0.1) {
            self::assertEqualsWithDelta(
                $legs->distanceAfter($seconds - 0.5),
                $track->at($seconds)->distanceTo(Point::of(0, 0)),
                0.6,
                "within a step of the curve at $seconds s",
            );
        }
        self::assertEqualsWithDelta(0.0, $track->at(99)->distanceTo(Point::of(30, 40)), 1e-9);
    }

    public function testWhoIsThereAlreadyStays(): void
    {
        self::assertSame(
            0.0,
            Track::standingAt(Point::of(3, 3))->thenRuns(Point::of(3, 3.05), 0.4, Legs::of(24, 0.6))->end()->seconds,
        );
    }
}
