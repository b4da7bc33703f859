<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\IntentMix;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\Traits;
use FoxCorner\Core\Plan\Audit\JobAsked;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Practice\Need\Demand;
use FoxCorner\Core\Practice\Need\DrillNeeds;
use FoxCorner\Core\Practice\Need\Grade;
use FoxCorner\Core\Practice\Need\JobNeed;
use FoxCorner\Core\Practice\Need\JobNeeds;
use FoxCorner\Core\Practice\Need\PlanDemand;
use FoxCorner\Core\Practice\Need\Record;
use FoxCorner\Core\Practice\Need\StandingDemand;
use FoxCorner\Core\Practice\Need\Taught;
use FoxCorner\Core\Runs\Visits;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;

final class NeedTest extends TestCase
{
    public function testWhatWasTaughtLatelyIsWantedLess(): void
    {
        self::assertSame(20, self::turnBack()->reps());
        self::assertSame(12, self::turnBack(self::taught(8, 0.0))->reps());
        self::assertSame(16, self::turnBack(self::taught(8, 18.0))->reps(), 'who covers is half gone after 18 days');
        self::assertSame(18, self::turnBack(self::taught(8, 36.0))->reps(), 'a quarter is left after 36');
        self::assertSame(16, self::turnBack(self::taught(8, 27.0, Grade::Well))->reps(), 'what holds lasts 27');
        self::assertSame(0, self::turnBack(self::taught(50, 1.0))->reps());
        self::assertSame(
            20,
            self::turnBack(new Taught('id-6', 'turn-back-to-third', Position::Shortstop, 50, 1.0))->reps(),
            'another position',
        );
    }

    public function testAGradeTakesAwayWhatCountsAndAddsWeight(): void
    {
        $well = self::turnBack(self::taught(8, 0.0, Grade::Well));
        $unsure = self::turnBack(self::taught(8, 0.0, Grade::Unsure));
        $notYet = self::turnBack(self::taught(8, 0.0, Grade::NotYet));

        self::assertSame([12, 16, 18], [$well->reps(), $unsure->reps(), $notYet->reps()]);
        self::assertGreaterThan($well->weight, $unsure->weight);
        self::assertGreaterThan($unsure->weight, $notYet->weight);
        self::assertStringContainsString('graded “not yet” lately', $notYet->reason);
    }

    public function testEachKindOfSkillGoesAtItsOwnPace(): void
    {
        $half = static fn(Skill $skill, float $days, ?Grade $grade = null): float => (new Taught(
            'id-5',
            'any',
            Position::ThirdBase,
            10,
            $days,
            $grade,
        ))->stillCounts($skill);

        self::assertEqualsWithDelta(5.0, $half(Skill::UnderhandFeed, 5.0), 1e-9, 'hands');
        self::assertEqualsWithDelta(5.0, $half(Skill::GroundBall, 8.0), 1e-9, 'throws');
        self::assertEqualsWithDelta(5.0, $half(Skill::Field, 10.0), 1e-9, 'a fielded bunt');
        self::assertEqualsWithDelta(5.0, $half(Skill::CoverFirst, 18.0), 1e-9, 'who covers');
        self::assertEqualsWithDelta(5.0, $half(Skill::Rundown, 18.0), 1e-9);
        self::assertEqualsWithDelta(5.0, $half(Skill::InfieldFly, 30.0), 1e-9, 'rules');
        self::assertEqualsWithDelta(5.0, $half(Skill::UnderhandFeed, 7.5, Grade::Well), 1e-9, 'what holds lasts');
        self::assertEqualsWithDelta(2.5, $half(Skill::UnderhandFeed, 5.0, Grade::Unsure), 1e-9);
        self::assertEqualsWithDelta(1.25, $half(Skill::UnderhandFeed, 3.0, Grade::NotYet), 1e-9);
    }

    public function testOnlyALaterGradeSaysHowItStands(): void
    {
        $record = Record::of(
            [self::taught(8, 7.0, Grade::NotYet), self::taught(8, 1.0, Grade::Well)],
            ShippedDrills::all(),
        );
        self::assertSame(Grade::Well, $record->worstGrade(Position::ThirdBase, Skill::TurnBackThird));

        $old = Record::of([self::taught(8, 40.0, Grade::NotYet)], ShippedDrills::all());
        self::assertNull(
            $old->worstGrade(Position::ThirdBase, Skill::TurnBackThird),
            'after four weeks it says nothing',
        );
        self::assertSame(40.0, $old->daysAgo(Position::ThirdBase, Skill::TurnBackThird, 'id-5'));
        self::assertNull($old->daysAgo(Position::ThirdBase, Skill::TurnBackThird, 'id-6'));
    }

    public function testTheWorstOfThePlayersCounts(): void
    {
        $record = Record::of(
            [
                self::taught(8, 1.0, Grade::Well),
                new Taught('id-10', 'turn-back-to-third', Position::ThirdBase, 8, 1.0, Grade::Unsure),
            ],
            ShippedDrills::all(),
        );

        self::assertSame(Grade::Unsure, $record->worstGrade(Position::ThirdBase, Skill::TurnBackThird));
    }

    public function testADrillThatIsNotKnownAnyMoreIsLeftOut(): void
    {
        self::assertFalse(
            Record::of([new Taught('id-5', 'gone', Position::ThirdBase, 8, 1.0)], ShippedDrills::all())->wasTaught(
                Position::ThirdBase,
                Skill::TurnBackThird,
            ),
        );
    }

    /** Seven innings, .22 of whose plate appearances with a runner on first and nobody out end in a bunt. */
    public function testThePlanAsksAsOftenAsAGameDoes(): void
    {
        $play = Teams::bunt();
        $demands = PlanDemand::of(JobAsked::of([Practices::audited($play)]));
        $byKey = array_column(array_map(static fn(Demand $demand): array => [$demand->key(), $demand], $demands), 1, 0);
        $level = $play->plan->level;
        $perGame =
            7 *
            Visits::of($level->rates, $level->advancement())->in($play->plan->state->situation) *
            IntentMix::of($play->plan->state)->bunted();

        self::assertEqualsWithDelta(0.51, $perGame, 0.03, 'all of them are the second baseman’s, at first');
        $hangs = 0.12 * $perGame;
        self::assertEqualsWithDelta($hangs / ($hangs + 1), $byKey['4/cover-first']->priority, 1e-9);
        self::assertSame(
            'Asked of 4: once in 2 games, bunts, most with a runner on first',
            $byKey['4/cover-first']->reason,
        );
        self::assertArrayNotHasKey('8/cover-home', $byKey);
        self::assertArrayNotHasKey('2/cover-home', $byKey, 'nobody can be out there, nor go');
        self::assertArrayHasKey('5/turn-back-third', $byKey, 'the runner takes third where it is left');
    }

    public function testGroundBallsComeBeforeBuntsAndThrowsBeforeBackUps(): void
    {
        $weights = [];
        foreach (
            JobNeeds::of(Practices::demands('baseball-80', Level::Youth13), Teams::nine(), Record::of([], [])) as $need
        ) {
            $weights[$need->key()] = $need->weight;
        }

        self::assertGreaterThan($weights['6/pivot-of-short'], $weights['6/ground-ball'], 'one before two');
        self::assertGreaterThan($weights['5/field'] ?? 0.0, $weights['5/ground-ball']);
        self::assertGreaterThan($weights['6/cutoff-line'] - 0.2, $weights['6/pivot-of-short']);
        self::assertGreaterThan($weights['7/back-up-third'], $weights['7/outfield-throw']);
        self::assertGreaterThan($weights['6/rundown'], $weights['6/cutoff-line'], 'every game before once a month');
    }

    public function testAFindingMakesItUrgent(): void
    {
        $lame = Teams::with(Teams::player(4, 4), Traits::of(Hand::Right, Bats::Right, 3.9, null, 2.5));
        $roster = array_map(static fn($player) => '4' === $player->number ? $lame : $player, Teams::nine());
        $demands = PlanDemand::of(
            JobAsked::of([Practices::audited(Teams::bunt(roster: $roster, coverage: 'corners-crash'))]),
        );
        $urgent = array_values(array_filter($demands, static fn(Demand $demand): bool => $demand->urgent > 0.0));

        self::assertSame(['4/cover-first'], array_map(static fn(Demand $demand): string => $demand->key(), $urgent));
        self::assertSame(0.5, $urgent[0]->urgent);
        self::assertStringContainsString('P4 is', $urgent[0]->reason);
        self::assertStringContainsString('late at first', $urgent[0]->reason);
    }

    public function testNoLeadsNoHolding(): void
    {
        $skills = static fn(string $rules): array => array_unique(
            array_map(
                static fn(Demand $demand): string => $demand->skill->value,
                StandingDemand::of(ShippedRuleSets::get($rules)),
            ),
        );

        self::assertContains('pick-move', $skills('baseball-80'));
        self::assertNotContains('pick-move', $skills('fastpitch-43'));
        self::assertContains('ground-ball', $skills('fastpitch-43'));
    }

    public function testOfTwoWhoAskTheGreaterCounts(): void
    {
        $needs = JobNeeds::of(
            [
                new Demand(Position::ThirdBase, Skill::Field, 0.2, 0.0, 'Little'),
                new Demand(Position::ThirdBase, Skill::Field, 0.9, 0.0, 'Much'),
            ],
            Teams::nine(),
            Record::of([], []),
        );

        self::assertCount(1, $needs);
        self::assertStringStartsWith('Much', $needs[0]->reason);
        self::assertSame(19, $needs[0]->each, '6 and 14 times 0.9, rounded');
    }

    public function testNobodyAtAPositionWantsNothingThere(): void
    {
        $needs = JobNeeds::of(
            [new Demand(Position::ThirdBase, Skill::Field, 0.9, 0.0, 'Much')],
            [Teams::player(1, 6)],
            Record::of([], []),
        );

        self::assertSame(0, $needs[0]->reps());
    }

    public function testNeedsAreLaidOverTheDrillsThatServeThem(): void
    {
        $drills = array_intersect_key(ShippedDrills::all(), array_flip(['turn-back-to-third', 'charge-and-throw']));
        $needs = JobNeeds::of(
            Practices::demands('fastpitch-43', Level::Fastpitch16),
            Teams::nine(),
            Record::of([], []),
        );
        $laid = DrillNeeds::of($needs, $drills);
        foreach ($laid as $index => $need) {
            self::assertContains($need->at, $need->also[$need->drill->key]);
            self::assertArrayHasKey($need->at, $need->drill->serves);
            self::assertGreaterThan(0, $need->reps);
            self::assertLessThanOrEqual($laid[max(0, $index - 1)]->weight, $need->weight, 'the heaviest first');
        }
        $laid = array_column(array_map(static fn($need): array => [$need->key(), $need], $laid), 1, 0);
        $turn = $laid['turn back to third/5'];
        self::assertSame(['turn-back-to-third' => [5]], $turn->also, 'a skill is had where it is served');
        $asked = array_column(array_map(static fn($need): array => [$need->key(), $need->weight], $needs), 1, 0);
        self::assertEqualsWithDelta(14 * $asked['5/turn-back-third'], $turn->weight, 1e-9);
    }

    private static function taught(int $reps, float $daysAgo, ?Grade $grade = null): Taught
    {
        return new Taught('id-5', 'turn-back-to-third', Position::ThirdBase, $reps, $daysAgo, $grade);
    }

    private static function turnBack(Taught ...$taught): JobNeed
    {
        foreach (
            JobNeeds::of(
                [new Demand(Position::ThirdBase, Skill::TurnBackThird, 1.0, 0.0, 'Asked')],
                Teams::nine(),
                Record::of(array_values($taught), ShippedDrills::all()),
            ) as $need
        ) {
            return $need;
        }
        self::fail('It is asked.');
    }
}
