<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\Bunt\BuntKind;
use FoxCorner\Core\Family\Bunt\BuntTrial;
use FoxCorner\Core\Family\Bunt\PoppedUp;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;

/** A bunt in the air, and a runner who hangs between the bases. */
final class PoppedUpTest extends TestCase
{
    public function testWhoeverIsNearestInTimeHasIt(): void
    {
        $popped = self::popped('R1-0');

        self::assertSame(
            [Position::Catcher, Position::ThirdBase, Position::FirstBase, Position::ThirdBase],
            array_map(static fn(PoppedUp $one): Position => $one->by, $popped),
        );
        foreach ([0.922, 0.661, 0.699, 0.578] as $index => $chance) {
            self::assertEqualsWithDelta($chance, $popped[$index]->caught, 0.005, $popped[$index]->where);
        }
    }

    public function testACornerWhoStaysLeavesItToTheCatcher(): void
    {
        $play = Teams::bunt(Teams::state(situation: 'R1-0'));
        $stays = $play->coverage('first-stays');
        $popped = PoppedUp::all(BuntKind::Sacrifice->setting($play->scene()), $stays)[2];

        self::assertSame(Position::Catcher, $popped->by);
        self::assertEqualsWithDelta(0.227, $popped->caught, 0.005);
    }

    public function testTheChanceIsOneOfTime(): void
    {
        $play = Teams::bunt(Teams::state(situation: 'R1-0'));
        $setting = BuntKind::Sacrifice->setting($play->scene(Teams::cost(Level::Fastpitch16)));
        $coverage = $play->coverage ?? self::fail('There is one.');
        foreach (PoppedUp::all($setting, $coverage) as $one) {
            $who = $setting->cast->at($one->by);
            [$degrees, $feet] = match ($one->where) {
                'in front of the plate' => [0.0, 8.0],
                'toward third' => [-25.0, 18.0],
                'toward first' => [25.0, 18.0],
                default => [0.0, 24.0],
            };
            $away = hypot(
                $who->start->x - $feet * sin(deg2rad($degrees)),
                $who->start->y - $feet * cos(deg2rad($degrees)),
            );
            $early = \in_array($one->by, $coverage->early, true) ? $setting->level->motion->earlyStart : 0.0;
            $needs =
                ($early > 0.0 ? -$early : $who->reaction) +
                $who->legs->secondsFor(max(0.0, $away - $setting->level->motion->reach));

            self::assertEqualsWithDelta(1 / (1 + exp(($needs - 1.3) / 0.15)), $one->caught, 1e-9, $one->where);
        }
    }

    public function testRunnersWaitUntilItIsDown(): void
    {
        $popped = self::popped('R1-0')[0];
        $setting = BuntKind::Squeeze->setting(Teams::scene(situation: 'R1-0'));
        $runner = $setting->runners[0];
        $usual = $runner->secondsOver(1);

        self::assertNull($popped->doubled);
        self::assertEqualsWithDelta($usual + 1.3, $popped->forcedAt(), 1e-9, 'he reads it as it comes down');
        self::assertNull(self::popped('R3-1')[0]->forcedAt(), 'he need not go');
        self::assertNotNull(self::popped('loaded-0')[0]->forcedAt());
    }

    public function testCaughtOnASqueezeTheRunnerIsOffThird(): void
    {
        $squeeze = self::popped('R3-1', BuntKind::Squeeze)[0];
        $safety = self::popped('R3-1')[0];
        $cost = Teams::cost(Level::Fastpitch16);

        self::assertSame(Base::Third, $squeeze->doubled);
        self::assertGreaterThan(0.9, $squeeze->off);
        self::assertNull($safety->doubled);
        $on = $squeeze->off * $cost->after(0, 3, 0) + (1 - $squeeze->off) * $cost->after(4, 2, 0);
        $dropped = ($squeeze->costs([OutPolicy::Numbers])['numbers'] - $squeeze->caught * $on) / (1 - $squeeze->caught);
        self::assertEqualsWithDelta(0.018, $on, 0.005, 'the inning is over, or nearly');
        self::assertEqualsWithDelta(0.69, $dropped, 0.03, 'dropped: an out at first, and he stays');
        self::assertLessThan(
            $safety->costs([OutPolicy::Numbers])['numbers'] - 0.2,
            $squeeze->costs([OutPolicy::Numbers])['numbers'],
            'two outs for one ball',
        );
    }

    public function testARunnerWhoIsBeatenByFarHangsAndIsChased(): void
    {
        $play = Teams::bunt(Teams::state('baseball-90', 'R3-1'), Level::Pro)->wanting(OutPolicy::Lead);
        $rules = $play->plan->state->rules;
        $squeeze = static fn(float $feet, float $degrees): Timeline => $play->run(
            BuntTrial::restingAt($feet, $degrees, $rules, BuntKind::Squeeze),
        );
        $isCaught = [];
        foreach ([3.0, 5.0, 8.0, 10.0, 20.0, 40.0] as $feet) {
            $one = $squeeze($feet, 0.0);
            $isBeaten = Base::Home === $one->called()->base && $one->called()->margin() >= 0.4;
            self::assertSame($isBeaten, null !== $one->caught, "$feet ft: seen from .4 s on");
            $isCaught[] = $isBeaten;
            if (null !== $one->caught) {
                $runner = $one->setting->runners[0];
                $gone = $runner->lead + $runner->legs->distanceAfter($one->called()->outAt - $runner->startDelay);
                self::assertSame(Base::Third, $one->caught->from);
                self::assertEqualsWithDelta($gone, $one->caught->off, 1e-9, 'where he is as the ball is home');
                self::assertEqualsWithDelta(90.0 - $gone, $one->caught->gap, 1e-9);
                self::assertFalse($one->caught->isBehind);
            }
        }
        self::assertContains(true, $isCaught);
        self::assertContains(false, $isCaught);
        $forced = Teams::bunt(Teams::state('baseball-90', 'R1-0'), Level::Pro)->run(
            BuntTrial::restingAt(15, 0, $rules),
        );
        self::assertNull($forced->caught, 'who is forced runs on');
    }

    /** @return list<PoppedUp> */
    private static function popped(string $situation, BuntKind $kind = BuntKind::Sacrifice): array
    {
        $play = Teams::bunt(Teams::state(situation: $situation));

        return PoppedUp::all(
            $kind->setting($play->scene(Teams::cost(Level::Fastpitch16))),
            $play->coverage ?? self::fail('There is one.'),
        );
    }
}
