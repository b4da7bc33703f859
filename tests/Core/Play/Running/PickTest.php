<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play\Running;

use FoxCorner\Core\Family\Pickoff\PickoffFamily;
use FoxCorner\Core\Family\Pickoff\Picks;
use FoxCorner\Core\Family\Pickoff\PickTrial;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Audit\AuditedFinding;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Running\PickKind;
use FoxCorner\Core\Play\Scheme\CoverageLine;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\JobKind;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Throws behind a runner: how long, how often, by which rules, and who does what. */
final class PickTest extends TestCase
{
    public function testASurprisedPitcherIsAFindingAndThrowsTwiceAsWild(): void
    {
        $play = self::planned('R2-1');
        $agreed = $play->run(PickTrial::thrown(PickKind::Timed, Base::Second, sign: 'cap'), Teams::cost());
        $surprise = $play->run(PickTrial::thrown(PickKind::Timed, Base::Second, sign: ''), Teams::cost());

        self::assertSame([], self::found($agreed));
        self::assertSame(['surprised-pitcher'], self::found($surprise));
        self::assertLessThan($agreed->called()->chance / 2, $surprise->called()->chance);
        self::assertEqualsWithDelta(0.36, $surprise->called()->released - $agreed->called()->released, 0.001);
        self::assertSame([], self::found($play->run(PickTrial::thrown(PickKind::Daylight, Base::Second, sign: ''))));
    }

    public function testAPickWithNobodyBehindItIsAFindingWithItsBases(): void
    {
        $play = self::planned('R1R3-1');
        $usual = $play->coverage ?? throw new \LogicException();
        $behind = Job::backUp(Base::First)->key();
        $bare = Teams::only($usual, static fn(CoverageLine $line): bool => $line->job->key() !== $behind);
        $report = $play->reportOn($bare, Teams::cost(Level::HighSchool));
        $found = array_values(
            array_filter(
                $report->findings,
                static fn(AuditedFinding $one): bool => 'no-back-up' === $one->worst->kind &&
                    Base::First === $one->worst->base,
            ),
        );

        self::assertStringContainsString(
            'each of 2 runners two bases in place of one: 2 bases more',
            $found[0]->worst->measure,
        );
        $trial = PickTrial::thrown(PickKind::Quick, Base::First);
        $cost = static fn(PlannedPlay $one): float => $one->run($trial, Teams::cost())->called()->cost ?? 0.0;
        self::assertGreaterThan($cost($play) + 0.001, $cost($play->trying($bare)));
        self::assertSame([], $play->report()->findings, 'as shipped there is nothing to find');
    }

    public function testASpecialMoveWearsOut(): void
    {
        $play = self::planned('R2-1');
        $thrown = static fn(PickKind $kind, int $used): array => self::found(
            $play->run(PickTrial::thrown($kind, Base::Second, used: $used)),
        );

        self::assertSame([], $thrown(PickKind::Inside, 2));
        self::assertSame(['pick-worn-out'], $thrown(PickKind::Inside, 3));
        self::assertSame([], $thrown(PickKind::StepOff, 9));
    }

    #[TestWith(['R2-1', 'right', 'hold-by-batter', 4])]
    #[TestWith(['R2-1', 'left', 'hold-by-batter', 6])]
    #[TestWith(['R2-1', 'right', 'hold-shortstop', 6])]
    #[TestWith(['R2-1', 'right-power', 'hold-shortstop', 4])]
    public function testWhoHoldsSecondIsTheSchools(
        string $situation,
        string $batter,
        string $coverage,
        int $holder,
    ): void {
        $play = self::planned($situation, $batter, $coverage);
        $timeline = $play->run(PickTrial::thrown(PickKind::Daylight, Base::Second));

        self::assertSame($holder, $timeline->called()->cover?->value);
        self::assertSame(JobKind::Hold, $timeline->move(Position::from($holder))->jobs[0]->kind);
        $feint = $play->run(PickTrial::thrown(PickKind::WheelFeint, Base::Second));
        self::assertSame(4, $feint->called()->cover?->value, 'with the feint it is always the second baseman');
        self::assertSame('Cover third', $feint->move(Position::Shortstop)->jobs[0]->words);
    }

    public function testEverybodyHasAJobOnEveryPick(): void
    {
        foreach (['R1-0', 'R2-1', 'R3-2', 'R1R2-0', 'R1R3-1', 'R2R3-0', 'loaded-1'] as $situation) {
            $play = self::planned($situation);
            foreach ($play->sheet() as $trial) {
                $timeline = $play->run($trial);
                foreach ($timeline->moves as $number => $move) {
                    self::assertCount(1, $move->jobs, "$situation: $number, {$trial->words()}");
                }
                self::assertTrue($timeline->isBackedUp($timeline->called()->base), $trial->words());
                self::assertNotNull($timeline->caught);
            }
        }
    }

    public function testWhatIsAskedForAndDoesNotAriseIsTheNearestThatDoes(): void
    {
        $near = static fn(?PickTrial $wanted, string $situation): ?PickTrial => Picks::near(
            $wanted,
            Situation::fromKey($situation)->bases,
            ShippedRuleSets::get('baseball-90'),
        );

        self::assertSame(Base::Second, $near(PickTrial::thrown(PickKind::Quick, Base::First), 'R2-0')?->base);
        self::assertSame(
            PickKind::FirstBehind,
            $near(PickTrial::thrown(PickKind::Quick, Base::First), 'R1R2-0')?->kind,
        );
        $led = PickTrial::thrown(PickKind::StepOff, Base::First, 14.0);
        self::assertSame($led, $near($led, 'R1-0'), 'with its lead');
        self::assertNull($near(null, 'none-0'));
    }

    public function testATrialComesBackFromItsFieldsAndRefusesWhatIsNone(): void
    {
        $family = new PickoffFamily();
        $rules = ShippedRuleSets::get('baseball-90');
        $trial = PickTrial::thrown(PickKind::Timed, Base::Third, 11.5, 'cap', 2);
        self::assertEquals($trial, $family->trial($trial->fields(), Teams::scene($rules->key)));
        foreach (
            [
                ['kind' => 'hidden'],
                ['kind' => 'quick', 'base' => 'second'],
                ['base' => 'fourth'],
                ['lead' => 'far'],
                ['lead' => 55.0],
            ] as $fields
        ) {
            try {
                $family->trial($fields, Teams::scene($rules->key));
                self::fail('It is none: ' . json_encode($fields));
            } catch (Problem $problem) {
                self::assertSame(array_key_last($fields), $problem->field());
            }
        }
    }

    private static function planned(string $situation, string $batter = 'right', ?string $coverage = null): PlannedPlay
    {
        $state = Teams::state('baseball-90', $situation, batter: BatterType::from($batter));
        $plan = Teams::plan($state, Level::HighSchool);

        return PlannedPlay::of($plan, new PickoffFamily(), PlanBook::shipped($state->rules), $coverage);
    }

    /** @return list<string> kinds of what the family's own checks find */
    private static function found(Timeline $play): array
    {
        $kinds = [];
        foreach ((new PickoffFamily())->checks() as $check) {
            foreach ($check->findings($play) as $finding) {
                $kinds[] = $finding->kind;
            }
        }

        return $kinds;
    }
}
