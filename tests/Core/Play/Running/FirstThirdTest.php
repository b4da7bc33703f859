<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play\Running;

use FoxCorner\Core\Family\FirstThird\Chances;
use FoxCorner\Core\Family\FirstThird\Choice;
use FoxCorner\Core\Family\FirstThird\FirstThirdFamily;
use FoxCorner\Core\Family\FirstThird\FirstThirdPlay;
use FoxCorner\Core\Family\FirstThird\FirstThirdTrial;
use FoxCorner\Core\Family\FirstThird\GoesWhen;
use FoxCorner\Core\Family\FirstThird\School;
use FoxCorner\Core\Family\FirstThird\SmallGame;
use FoxCorner\Core\Family\FirstThird\ThirdRunner;
use FoxCorner\Core\Family\FirstThird\Worth;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Choice\AfterPlay;
use FoxCorner\Core\Play\Running\Thief;
use FoxCorner\Core\Runs\PlayCost;
use FoxCorner\Core\Runs\WinTable;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Runners on first and third, and the one on first goes. */
final class FirstThirdTest extends TestCase
{
    use FirstAndThird;

    /** Two out and a slow runner on third: the throw goes through. */
    #[TestWith([Level::Pro])]
    #[TestWith([Level::College])]
    #[TestWith([Level::HighSchool])]
    #[TestWith([Level::FastpitchCollege])]
    #[TestWith([Level::Fastpitch16])]
    #[TestWith([Level::Youth10])]
    public function testWithTwoOutAndASlowRunnerOnThirdItGoesThrough(Level $level): void
    {
        self::assertSame(School::Through, self::choice($level, 'R1R3-2', 1.15)->best()->school);
        self::assertSame(School::Through, self::choice($level, 'R1R3-2', 1.15, true, 1)->best()->school);
    }

    /** One out, late, a run ahead: weighed by the chance to win, against a runner who knows it; nothing is closed. */
    #[TestWith([Level::Pro])]
    #[TestWith([Level::College])]
    #[TestWith([Level::HighSchool])]
    #[TestWith([Level::Youth13])]
    #[TestWith([Level::Youth10])]
    #[TestWith([Level::FastpitchCollege])]
    #[TestWith([Level::Fastpitch16])]
    #[TestWith([Level::Fastpitch12])]
    public function testLateAndARunAheadNothingIsDearerThanItNeedBe(Level $level): void
    {
        foreach ([0.95, 1.0, 1.1] as $share) {
            $choice = self::choice($level, 'R1R3-1', $share, true, 1);
            $called = array_filter($choice->schools, static fn(Worth $one): bool => $one->share > 0.02);

            self::assertTrue($choice->mustNotScore);
            self::assertCount(6, $choice->schools);
            foreach ($called as $one) {
                self::assertEqualsWithDelta($choice->value, $one->cost, 0.012, $one->school->value);
            }
            foreach ($choice->schools as $one) {
                self::assertGreaterThan($choice->value - 0.012, $one->cost, $one->school->value);
            }
        }
        self::assertFalse(self::choice($level, 'R1R3-1', 1.0, true, 4)->mustNotScore, 'four ahead he may');
        self::assertFalse(self::choice($level, 'R1R3-1', 1.0)->mustNotScore);
    }

    public function testTheMixIsTheSmallGames(): void
    {
        // Matching pennies, unevenly paid: 3 parts in 4 and 1 in 4 for the one, half and half would be guessed.
        $game = SmallGame::solve(['a' => ['x' => 0.0, 'y' => 3.0], 'b' => ['x' => 1.0, 'y' => 0.0]]);
        self::assertEqualsWithDelta(0.25, $game->rows['a'], 0.02);
        self::assertEqualsWithDelta(0.75, $game->columns['x'], 0.02);
        $sure = SmallGame::solve(['a' => ['x' => 1.0, 'y' => 2.0], 'b' => ['x' => 3.0, 'y' => 4.0]]);
        self::assertSame(['a' => 1.0, 'b' => 0.0], $sure->rows, 'what is always cheaper is always called');
        self::assertGreaterThan(0.999, $sure->columns['y']);
    }

    public function testNobodyCanWaitForTheMix(): void
    {
        $choice = self::choice(Level::HighSchool, 'R1R3-2', 1.0, true, 1);
        $shares = array_sum(array_map(static fn($worth): float => $worth->share, $choice->schools));

        self::assertEqualsWithDelta(1.0, $shares, 1e-9);
        self::assertEqualsWithDelta(1.0, array_sum($choice->third), 1e-9);
        foreach (ThirdRunner::cases() as $third) {
            $against = array_sum(
                array_map(static fn($worth): float => $worth->share * $worth->against($third), $choice->schools),
            );
            self::assertLessThan($choice->value + 0.002, $against, "{$third->value} gains nothing by it");
        }
    }

    /** By hand: the clocks of both throws and both runners. */
    public function testTheThrowsAreOnOneClock(): void
    {
        $race = self::race(Level::Pro, GoesWhen::WithPitch);
        $throws = Throws::of(Ball::Baseball);
        [$arm, $home] = [Speed::ofMph(82.0), 90 * \M_SQRT2];
        $released = 1.36 + 0.73;

        self::assertEqualsWithDelta($released, $race->released(), 1e-9);
        self::assertEqualsWithDelta($released + $throws->given($home, $arm), $race->atSecond(), 1e-9);
        self::assertEqualsWithDelta($race->atSecond() + 0.15, $race->tagAtSecond(), 1e-9);
        self::assertEqualsWithDelta($released + $throws->given($home - 15, $arm), $race->cutAt(School::ReadCut), 1e-9);
        self::assertEqualsWithDelta($released + $throws->given(60.5, $arm), $race->cutAt(School::ToPitcher), 1e-9);
        self::assertEqualsWithDelta(
            $race->cutAt(School::ReadCut) + 0.7 + $throws->given($home - 15, $arm) + 0.15,
            $race->tagAtHome(School::ReadCut),
            1e-9,
        );
        self::assertEqualsWithDelta(
            $race->atSecond() + 0.9 + $throws->given($home, $arm) + 0.15,
            $race->tagAtHome(School::Through),
            1e-9,
            'a runner slides at whoever throws',
        );
        $third = Thief::of(ShippedRuleSets::get('baseball-90'), Level::Pro->profile());
        self::assertEqualsWithDelta(
            $released + 0.2 + $third->legs->secondsFor(90 - 16),
            $race->thirdThere(ThirdRunner::Goes),
            1e-9,
        );
        self::assertEqualsWithDelta(
            $throws->given(60.5, $arm),
            $race->thirdStarts(ThirdRunner::Reads) - $race->thirdStarts(ThirdRunner::Goes),
            1e-9,
        );
        self::assertSame(0.0, (new Chances($race))->outAtHome(School::Concede, ThirdRunner::Goes));
    }

    public function testHowTheRunnerGoesChangesTheClock(): void
    {
        $plain = self::race(Level::HighSchool, GoesWhen::WithPitch);
        $bunt = self::race(Level::HighSchool, GoesWhen::FakeBunt);
        $late = self::race(Level::HighSchool, GoesWhen::Delayed);
        $early = self::race(Level::HighSchool, GoesWhen::Early);

        self::assertEqualsWithDelta(0.05, $bunt->released() - $plain->released(), 1e-9);
        self::assertEqualsWithDelta(0.35 - 0.4 * 0.78, $late->released() - $plain->released(), 1e-9);
        self::assertEqualsWithDelta(0.8, $early->released(), 1e-9);
        self::assertGreaterThan(
            (new Chances($plain))->outAtSecond() + 0.2,
            (new Chances($early))->outAtSecond(),
            'stepped off he is out, or turns',
        );
        self::assertLessThan((new Chances($plain))->outAtSecond(), (new Chances($bunt))->outAtSecond());
        self::assertEqualsWithDelta(18.0, $late->firstOff(), 1e-9);
    }

    /** With two out a tag before he is home ends it: no run. */
    public function testWithTwoOutATagInTimeSavesTheRun(): void
    {
        $slow = self::choice(Level::FastpitchCollege, 'R1R3-2', 1.15)->worth(School::Through);
        $second = (new Chances(self::race(Level::FastpitchCollege, GoesWhen::WithPitch)))->outAtSecond();

        self::assertGreaterThan(0.6, $second);
        self::assertLessThan(0.75 * (1 - $second) + 0.35, $slow->against(ThirdRunner::Goes));
    }

    /** Whatever the school, a ball that gets by is a run and a runner on third. */
    public function testWhatAThrowThatGetsByCosts(): void
    {
        $race = self::race(Level::Pro, GoesWhen::WithPitch);
        $chances = new Chances($race);
        $state = Teams::state('baseball-90', 'R1R3-1', 3);
        $after = new AfterPlay(PlayCost::inRuns(Level::Pro->profile()->chain()), $state->situation);
        $choice = Choice::of($race, $after, $state);
        $astray = $chances->astray(School::ShortCut);

        self::assertGreaterThan(0.002, $astray);
        self::assertEqualsWithDelta(
            $astray * $after->of([1 => 3, 3 => 4]) + (1 - $astray) * $after->of([1 => 2]),
            $choice->worth(School::ShortCut)->against(ThirdRunner::Stays),
            1e-9,
        );
    }

    public function testWithoutLeadsNobodyGoesEarly(): void
    {
        $rules = ShippedRuleSets::get('fastpitch-43');
        $family = new FirstThirdFamily();

        self::assertSame([GoesWhen::WithPitch, GoesWhen::FakeBunt, GoesWhen::Delayed], FirstThirdFamily::open($rules));
        self::assertSame(GoesWhen::WithPitch, $family->trial(['when' => 'early'], Teams::scene($rules->key))->when);
        $trial = new FirstThirdTrial(GoesWhen::Delayed, ThirdRunner::Reads);
        self::assertEquals($trial, $family->trial($trial->fields(), Teams::scene($rules->key)));
        self::assertSame(
            [],
            $family->coverages(ShippedRuleSets::get('slowpitch-65'), Teams::state(situation: 'R1R3-0')->situation),
        );
        self::assertSame([], $family->coverages($rules, Teams::state(situation: 'R1-0')->situation));
    }

    private static function choice(
        Level $level,
        string $situation,
        float $share,
        bool $isLate = false,
        int $lead = 0,
    ): Choice {
        $rules = $level->usualRules();
        $innings = ShippedRuleSets::get($rules)->innings;
        $state = Teams::state($rules, $situation, $isLate ? $innings : 3, $lead);
        $chain = $level->profile()->chain();
        $cost =
            $isLate && $lead < 4
                ? PlayCost::inChance(WinTable::of($chain, $innings), $state->context)
                : PlayCost::inRuns($chain);

        return Choice::of(
            self::race($level, GoesWhen::WithPitch, $share),
            new AfterPlay($cost, $state->situation),
            $state,
        );
    }

    /** Three in ten are taken in and far off, the others back at their lead: by the arm, the lead and the level. */
    #[TestWith([Level::Pro, 0.3])]
    #[TestWith([Level::HighSchool, 0.294])]
    #[TestWith([Level::Fastpitch16, 0.283])]
    #[TestWith([Level::Youth10, 0.219])]
    public function testAFeintToThirdTakesInAsManyAsItCatches(Level $level, float $out): void
    {
        $rules = $level->usualRules();
        $play = PlannedPlay::of(
            Teams::plan(Teams::state($rules, 'R1R3-1'), $level),
            new FirstThirdFamily(),
            PlanBook::shipped(ShippedRuleSets::get($rules)),
        );
        $race = (new FirstThirdPlay(
            $play->plan->scene(),
            $play->coverage ?? throw new \LogicException('It is covered.'),
            new FirstThirdTrial(GoesWhen::WithPitch),
        ))->race;
        $chances = new Chances($race);

        self::assertEqualsWithDelta($out, $chances->outAtThird(ThirdRunner::Goes), 0.003);
        self::assertLessThan(0.02, $chances->outAtThird(ThirdRunner::Stays), 'who stays is back');
        self::assertGreaterThan($race->offThird(false) + 8.0, $race->offThird(true));
        self::assertEqualsWithDelta(
            0.4,
            $race->backAtThird(true) -
                $race->backAtThird() -
                $race->third->secondsBack($race->offThird(true), $level->profile()->motion) +
                $race->third->secondsBack($race->offThird(false), $level->profile()->motion),
            1e-9,
            'he has to stop first',
        );
    }
}
