<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play\Running;

use FoxCorner\Core\Family\Rundown\Chase;
use FoxCorner\Core\Family\Rundown\RundownFamily;
use FoxCorner\Core\Family\Rundown\RundownPlay;
use FoxCorner\Core\Family\Rundown\RundownTrial;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Running\Thief;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The chase in a rundown, by itself: when it is thrown, and what that comes to. */
final class ChaseTest extends TestCase
{
    /** @return iterable<string, array{Level}> */
    public static function levels(): iterable
    {
        foreach (Level::cases() as $level) {
            yield $level->value => [$level];
        }
    }

    #[DataProvider('levels')]
    public function testOneThrowBeatsThree(Level $level): void
    {
        $chase = self::chase($level);
        $half = $chase->between / 2;

        self::assertGreaterThan($chase->with(3, $half, 12.0)->out + 0.02, $chase->with(1, $half, 12.0)->out);
        self::assertLessThan(2.0, $chase->best($half, 12.0)->throws);
        self::assertGreaterThanOrEqual($chase->with(1, $half, 12.0)->out, $chase->best($half, 12.0)->out);
    }

    #[DataProvider('levels')]
    public function testTheNearerTheBallTheSurerTheOut(Level $level): void
    {
        $chase = self::chase($level);
        $out = static fn(float $gap): float => $chase->best($chase->between / 2, $gap)->out;

        self::assertGreaterThan($out(15.0) - 0.005, $out(5.0), 'nearer than that it is sure already');
        self::assertGreaterThan($out(28.0) - 0.005, $out(15.0));
        self::assertGreaterThan($out(40.0) + 0.003, $out(5.0));
        self::assertGreaterThan(0.7, $out(5.0));
    }

    public function testHigherLevelsGetMoreOfThem(): void
    {
        $out = static fn(Level $level): float => self::chase($level)->best(self::chase($level)->between / 2, 12.0)->out;

        self::assertEqualsWithDelta(0.78, $out(Level::Youth10), 0.04);
        self::assertGreaterThan($out(Level::Youth10), $out(Level::Youth13));
        self::assertGreaterThan($out(Level::Youth13), $out(Level::HighSchool));
        self::assertEqualsWithDelta(0.975, $out(Level::Pro), 0.01);
    }

    /** Searched on a fine net: no other moment of the first throw does better against the runner's better answer. */
    public function testTheMomentOfTheThrowIsTheBest(): void
    {
        $chase = self::chase(Level::HighSchool);
        $best = $chase->best(45.0, 15.0, 1);

        self::assertNotNull($best->after);
        self::assertEqualsWithDelta($best->throwAt, 45.0 - $chase->run($best->after), 1e-9);
        self::assertGreaterThan(20.0, $best->throwAt, 'not when he is at the bag already');
        self::assertLessThan(40.0, $best->throwAt, 'nor before he runs');
        self::assertGreaterThan($chase->with(2, 45.0, 15.0)->out, $best->out, 'thrown at once he turns in time');
    }

    public function testAQuickerRunnerIsCaughtLessAndAnotherCoversHisGround(): void
    {
        $out = static fn(float $time): float => self::chase(Level::HighSchool, $time)->best(45.0, 15.0)->out;

        self::assertGreaterThan($out(4.3) + 0.01, $out(5.0));
        $legs = Legs::fromHomeToFirst(4.62, 0.45, 90.0, 0.6);
        self::assertEqualsWithDelta(0.92 * $legs->distanceAfter(1.5), self::chase(Level::HighSchool)->run(1.5), 1e-9);
    }

    /** Whoever may choose does no worse than by any plan, and throws that come too soon only cost. */
    #[TestWith([Level::Pro])]
    #[TestWith([Level::Youth10])]
    #[TestWith([Level::Fastpitch16])]
    public function testAFreeChoiceIsNoWorseThanAPlan(Level $level): void
    {
        $rules = ShippedRuleSets::get($level->usualRules());
        $scene = Teams::scene($level->usualRules(), 'R1R3-1', $level);
        $coverage = PlannedPlay::of(
            Teams::plan(Teams::state($level->usualRules(), 'R1R3-1'), $level),
            new RundownFamily(),
            PlanBook::shipped($rules),
        )->coverage;
        self::assertNotNull($coverage);
        foreach ([6.0, 18.0, $rules->basePath / 2, $rules->basePath - 8.0] as $off) {
            foreach ([1.0, 5.0, 12.0, 30.0] as $gap) {
                foreach ([false, true] as $isBehind) {
                    $play = new RundownPlay(
                        $scene,
                        $coverage,
                        RundownTrial::caught(Base::First, $off, $gap, $isBehind),
                    );
                    $plans = array_map(
                        static fn(int $throws): float => $play->chase->with($throws, $play->toGo(), $play->gap)->out,
                        [1, 2, 3],
                    );
                    self::assertSame($plans[0], max($plans), "$off ft off, the ball $gap ft away");
                    self::assertSame($plans[0], $play->end->out);
                }
            }
        }
    }

    private static function chase(Level $level, ?float $time = null): Chase
    {
        $profile = $level->profile();
        $rules = ShippedRuleSets::get($level->usualRules());
        $thief = Thief::of($rules, $profile, $time);

        return new Chase(
            $rules->basePath,
            $thief->legs,
            $profile->fieldingLegs(Thief::of($rules, $profile)->legs)->at(0.85),
            Speed::ofMph($profile->infieldArm),
            Throws::of(Ball::for($rules->sport)),
            $profile->skills,
        );
    }
}
