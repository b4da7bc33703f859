<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\Bunt\BuntFamily;
use FoxCorner\Core\Family\Bunt\BuntGrid;
use FoxCorner\Core\Family\Bunt\BuntKind;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\CoverageChoice;
use FoxCorner\Core\Plan\FamilyPlan;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Choice\AfterPlay;
use FoxCorner\Core\Play\Choice\AfterThrow;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Clock\EventKind;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;

/** Which out of a bunt is wanted, and what each costs. */
final class BuntPolicyTest extends TestCase
{
    use BuntsPlayed;

    public function testPoliciesAreTheCoachsLastWord(): void
    {
        $plan = Teams::bunt(Teams::state('baseball-60'), Level::Youth10);
        $call = static fn(OutPolicy $policy): Base => self::bunt($plan->wanting($policy), 0, 45)->called()->base;

        self::assertSame(Base::First, $call(OutPolicy::First));
        self::assertSame(Base::Second, $call(OutPolicy::Lead));
    }

    public function testTheBookSaysWhichCoverageIsOnAndWhichOutIsWanted(): void
    {
        $decided = (new FamilyPlan())
            ->withChoice(
                Situation::fromKey('R1-1'),
                new CoverageChoice('first-stays', 'Wren', new \DateTimeImmutable('2026-11-01')),
            )
            ->withPolicy(Situation::fromKey('R1-1'), OutPolicy::Lead);
        $book = PlanBook::shipped(ShippedRuleSets::get('fastpitch-43'))->withPlays('bunt', $decided);
        $play = static fn(string $key): PlannedPlay => PlannedPlay::of(
            Teams::plan(Teams::state(situation: $key)),
            new BuntFamily(),
            $book,
        );

        self::assertSame(['First stays', OutPolicy::Lead], [$play('R1-1')->coverage?->name, $play('R1-1')->policy]);
        self::assertSame(['Corners crash', OutPolicy::Sure], [$play('R1-0')->coverage?->name, $play('R1-0')->policy]);
    }

    public function testByTheNumbersCostsLeastAndEveryOtherPolicyItsPrice(): void
    {
        $levels = ['fastpitch-43' => Level::Fastpitch16, 'baseball-60' => Level::Youth10, 'baseball-90' => Level::Pro];
        foreach ($levels as $rules => $level) {
            foreach (['R1-0', 'R2-0', 'R1R2-0', 'R3-1', 'loaded-0'] as $situation) {
                $costs = Teams::bunt(Teams::state($rules, $situation), $level)->report(Teams::cost($level))->costs;
                self::assertEqualsWithDelta(
                    min([1e9, ...array_values($costs)]),
                    $costs['numbers'],
                    1e-9,
                    "$rules $situation",
                );
            }
        }
    }

    public function testBreakEvenIsWhereTheTwoOutsCostTheSame(): void
    {
        foreach (
            [
                'R1-0' => Base::Second,
                'R2-0' => Base::Third,
                'R1R2-0' => Base::Third,
                'R3-1' => Base::Home,
                'loaded-1' => Base::Home,
            ] as $situation => $lead
        ) {
            $after = new AfterThrow(new AfterPlay(Teams::cost(), Situation::fromKey($situation)));
            $p = $after->breakEven($lead);

            self::assertEqualsWithDelta(
                $after->out(Base::First),
                $p * $after->out($lead) + (1 - $p) * $after->safe(),
                1e-9,
                $situation,
            );
            self::assertGreaterThan(0.2, $p);
            self::assertLessThan(1.0, $p);
            self::assertGreaterThan($after->safe(), $after->astray(1));
        }
    }

    public function testEverybodySafeWithFirstAndSecondIsTheBasesLoaded(): void
    {
        $after = new AfterThrow(new AfterPlay(Teams::cost(), Situation::of(Bases::FirstSecond, Outs::None)));

        self::assertEqualsWithDelta(Teams::cost()->after(7, 0, 0), $after->safe(), 1e-12);
        self::assertEqualsWithDelta(Teams::cost()->after(6, 1, 0), $after->out(Base::First), 1e-12);
        self::assertEqualsWithDelta(Teams::cost()->after(3, 1, 0), $after->out(Base::Third), 1e-12);
        self::assertEqualsWithDelta(
            Teams::cost()->after(6, 0, 1),
            $after->astray(1),
            1e-12,
            'one is in, two are in scoring position',
        );
    }

    /** An out three times in a hundred is not worth a throw that goes astray: whoever has it keeps it. */
    public function testWhereNothingIsThereItIsHeld(): void
    {
        $play = Teams::bunt(Teams::state('baseball-60', 'none-0'), Level::Youth10);
        $cost = Teams::cost(Level::Youth10);
        $held = 0;
        foreach (BuntGrid::ground($play->plan->state->rules, BuntKind::Drag) as $placed) {
            $timeline = $play->run($placed->trial, $cost);
            $called = $timeline->called();
            $safe = $timeline->setting->after?->safe() ?? 0.0;
            $isHeld = $timeline->setting->isBetterHeld($called);
            self::assertSame(($called->cost ?? 0.0) > $safe, $isHeld);
            self::assertSame($isHeld, 'Nothing there: hold it' === $timeline->title);
            if ($isHeld) {
                ++$held;
                self::assertNull($timeline->moment(EventKind::Released));
                self::assertLessThan(0.1, $called->chance);
                self::assertEqualsWithDelta(
                    0.0,
                    $timeline->ball->end()->point->distanceTo($timeline->legs[0]->from->at),
                    1e-9,
                );
            }
        }
        self::assertGreaterThan(5, $held);
        $free = $play->run($play->family->trials($play->plan->scene())[0]);
        self::assertFalse($free->setting->isBetterHeld($free->called()), 'nothing was asked of cost');
    }
}
