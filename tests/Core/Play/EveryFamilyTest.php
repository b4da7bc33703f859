<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\ShippedFamilies;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Audit\AuditedPlay;
use FoxCorner\Core\Plan\Audit\JobAsked;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Practice\Need\PlanDemand;
use FoxCorner\Tests\Core\Teams;
use FoxCorner\Tests\Trial\ThrowHome\ThrowHomeFamily;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is asked of a family of plays wherever families are met: the shipped ones and one that only the tests know. */
final class EveryFamilyTest extends TestCase
{
    #[DataProvider('families')]
    public function testEveryFielderHasOneJobOnEveryBall(PlayFamily $family): void
    {
        foreach (self::arising($family) as $play) {
            foreach (self::drawn($play) as $timeline) {
                foreach (Position::cases() as $position) {
                    $jobs = $timeline->move($position)->jobs;
                    self::assertCount(1, $jobs, "{$play->plan->state->situation->key()}, $position->value");
                }
            }
        }
    }

    #[DataProvider('families')]
    public function testEveryPlayIsOneStoryOnTheClock(PlayFamily $family): void
    {
        foreach (self::arising($family) as $play) {
            foreach (self::drawn($play) as $timeline) {
                $seconds = array_map(static fn($event): float => $event->seconds, $timeline->events);
                $sorted = $seconds;
                sort($sorted);

                self::assertSame($sorted, $seconds, 'in order of time');
                self::assertGreaterThanOrEqual(3, \count($seconds));
                self::assertContains($timeline->called(), $timeline->options());
                foreach ($timeline->options() as $option) {
                    self::assertGreaterThanOrEqual(0.0, $option->chance);
                    self::assertLessThanOrEqual(1.0, $option->chance);
                    self::assertNotNull($option->cost, 'it was asked');
                }
                foreach ($timeline->legs as $leg) {
                    self::assertGreaterThanOrEqual($leg->from->seconds - 1e-9, $leg->made->released);
                }
            }
        }
    }

    #[DataProvider('families')]
    public function testItsCoveragesAreAuditedAndAskSomethingOfPractice(PlayFamily $family): void
    {
        $audited = [];
        foreach (self::arising($family) as $play) {
            $report = $play->report(Teams::cost(Level::HighSchool));
            $audited[] = new AuditedPlay($play, $report);

            self::assertSame($play->coverage?->key, $report->coverage->key);
            self::assertSame(
                array_map(static fn($policy): string => $policy->value, $family->policies()),
                array_keys($report->costs),
            );
        }
        $demands = PlanDemand::of(JobAsked::of($audited));

        self::assertNotSame([], $demands);
        foreach ($demands as $demand) {
            self::assertStringContainsString($family->words()->many, $demand->reason);
        }
    }

    #[DataProvider('families')]
    public function testItsTrialsComeBackFromTheirFields(PlayFamily $family): void
    {
        foreach (self::arising($family) as $play) {
            $scene = $play->plan->scene();
            foreach ($family->trials($scene) as $trial) {
                self::assertEquals($trial, $family->trial($trial->fields(), $scene));
                self::assertNotSame('', $trial->words());
            }
        }
    }

    #[DataProvider('families')]
    public function testWhereItDoesNotAriseItSaysWhy(PlayFamily $family): void
    {
        $state = Teams::state('slowpitch-65', 'none-0');
        $words = $family->whyNot($state->rules, $state->situation);

        self::assertMatchesRegularExpression('/^[A-Z].+\.$/', $words);
    }

    /** @return iterable<string, array{PlayFamily}> */
    public static function families(): iterable
    {
        foreach (ShippedFamilies::all()->and(new ThrowHomeFamily())->all() as $family) {
            yield $family->key() => [$family];
        }
    }

    /** @return non-empty-list<PlannedPlay> wherever it arises with one out */
    private static function arising(PlayFamily $family): array
    {
        $plays = [];
        foreach (Bases::cases() as $bases) {
            $plan = Teams::plan(Teams::state('baseball-90', $bases->value . '-1'), Level::HighSchool);
            $play = PlannedPlay::of($plan, $family, PlanBook::shipped($plan->state->rules));
            if (null !== $play->coverage) {
                $plays[] = $play;
            }
        }

        return [] === $plays ? self::fail('It arises somewhere.') : $plays;
    }

    /** @return list<Timeline> */
    private static function drawn(PlannedPlay $play): array
    {
        return array_values($play->runs($play->family->trials($play->plan->scene()), Teams::cost(Level::HighSchool)));
    }
}
