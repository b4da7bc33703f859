<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Practice\Need\Demand;
use FoxCorner\Core\Practice\Need\JobNeed;
use FoxCorner\Core\Practice\Need\JobNeeds;
use FoxCorner\Core\Practice\Need\Record;
use FoxCorner\Core\Practice\Need\Taught;
use FoxCorner\Core\Practice\Season\Progress;
use FoxCorner\Core\Practice\Season\Stage;
use FoxCorner\Core\Practice\Season\Steered;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;

final class SeasonTest extends TestCase
{
    public function testEverySkillHasItsPlaceInEverySeasonThatHasUseForIt(): void
    {
        foreach (['baseball-90', 'baseball-60', 'fastpitch-43', 'slowpitch-65'] as $key) {
            $rules = ShippedRuleSets::get($key);
            $order = Stage::in($rules);
            self::assertSame(Stage::SureOuts, $order[0], $key);
            self::assertSame(Stage::Together, $order[\count($order) - 1], $key);
            foreach (Skill::cases() as $skill) {
                $stage = Stage::ofSkill($skill);
                if ($skill->suits($rules) && Stage::Bunts !== $stage && Stage::Holding !== $stage) {
                    self::assertContains($stage, $order, "$skill->value, $key");
                }
            }
        }
        self::assertNotContains(Stage::Bunts, Stage::in(ShippedRuleSets::get('slowpitch-65')));
        self::assertNotContains(Stage::Holding, Stage::in(ShippedRuleSets::get('fastpitch-43')));
        self::assertLessThan(
            array_search(Stage::Two, Stage::in(ShippedRuleSets::get('fastpitch-43')), true),
            array_search(Stage::Bunts, Stage::in(ShippedRuleSets::get('fastpitch-43')), true),
            'softball bunts every day and seldom turns two',
        );
    }

    public function testHalfOfWhatIsWantedLetsTheNextStandOnIt(): void
    {
        // 6 + 14 × 1.0 = 20 repetitions each of two jobs; one of them has all, the other none.
        $all = self::progress([new Taught('id-5', 'sure-out', Position::ThirdBase, 20, 0.0)]);
        self::assertEqualsWithDelta(0.5, $all[0]->share, 1e-9);
        self::assertTrue(Progress::stands($all[0]->share));
        self::assertSame(Stage::Flies, Progress::next($all)?->stage);

        $less = self::progress([new Taught('id-5', 'sure-out', Position::ThirdBase, 19, 0.0)]);
        self::assertSame(Stage::SureOuts, Progress::next($less)?->stage);
        $more = self::progress([new Taught('id-5', 'sure-out', Position::ThirdBase, 90, 0.0)]);
        self::assertEqualsWithDelta(0.5, $more[0]->share, 1e-9, 'nobody makes up for somebody else');
    }

    public function testRepetitionsStandInTheirWeek(): void
    {
        $weeks = self::progress([
            new Taught('id-5', 'sure-out', Position::ThirdBase, 5, 0.5),
            new Taught('id-5', 'sure-out', Position::ThirdBase, 7, 6.9),
            new Taught('id-5', 'sure-out', Position::ThirdBase, 9, 7.0),
            new Taught('id-5', 'sure-out', Position::ThirdBase, 3, 55.9),
            new Taught('id-5', 'sure-out', Position::ThirdBase, 4, 56.0),
            new Taught('id-3', 'sure-out', Position::FirstBase, 2, 1.0),
        ])[0]->weeks;

        self::assertSame([3, 0, 0, 0, 0, 0, 9, 14], $weeks, 'one that serves two skills of a stage counts once');
    }

    public function testWhatStandsOnWhatNobodyHasComesLater(): void
    {
        $weights = static function (int $fresh): array {
            $taught = [new Taught('id-5', 'sure-out', Position::ThirdBase, $fresh, 0.0)];
            $needs = JobNeeds::of(
                [
                    new Demand(Position::ThirdBase, Skill::GroundBall, 0.9, 0.0, 'So'),
                    new Demand(Position::CenterField, Skill::FlyPriority, 0.8, 0.0, 'So'),
                    new Demand(Position::SecondBase, Skill::SideToss, 0.7, 0.0, 'So'),
                    new Demand(Position::LeftField, Skill::OutfieldThrow, 1.0, 0.0, 'So'),
                ],
                Teams::nine(),
                Record::of($taught, ShippedDrills::all()),
            );

            return array_map(
                static fn(JobNeed $need): string => \sprintf('%s %.2f', $need->skill->value, $need->weight),
                Steered::by(ShippedRuleSets::get('baseball-90'), $needs),
            );
        };

        self::assertSame(
            ['ground-ball 1.20', 'fly-priority 1.10', 'outfield-throw 0.65', 'side-toss 0.50'],
            $weights(0),
            'two and cutoffs stand on sure outs and flies',
        );
        self::assertSame(
            ['ground-ball 1.20', 'fly-priority 1.10', 'side-toss 1.00', 'outfield-throw 0.65'],
            $weights(20),
            'sure outs stand: flies are next, and two after them',
        );
    }

    /**
     * @param list<Taught> $taught
     *
     * @return list<Progress>
     */
    private static function progress(array $taught): array
    {
        $drills = ShippedDrills::all();
        $needs = JobNeeds::of(
            [
                new Demand(Position::ThirdBase, Skill::GroundBall, 1.0, 0.0, 'So'),
                new Demand(Position::Shortstop, Skill::GroundBall, 1.0, 0.0, 'So'),
            ],
            Teams::nine(),
            Record::of($taught, $drills),
        );

        return Progress::all(ShippedRuleSets::get('baseball-90'), $needs, $taught, $drills);
    }
}
