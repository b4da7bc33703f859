<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\InvalidValue;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Level;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\Traits;
use FoxCorner\Core\Play\Bunt\BuntGrid;
use FoxCorner\Core\Play\JobKind;
use FoxCorner\Core\Play\Move;
use FoxCorner\Core\Play\Timeline;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BuntPlayTest extends TestCase
{
    #[DataProvider('coverages')]
    public function testNobodyStandsStillAndEveryBagThatMattersIsCovered(SituationPlan $plan): void
    {
        foreach (BuntGrid::balls($plan->state->rules->buntSurface()) as $ball) {
            $play = $plan->play($ball);
            foreach ($play->moves as $number => $move) {
                self::assertCount(1, $move->jobs, "one job for $number when {$play->fieldedBy->value} fields");
            }
            foreach ($play->moves as $number => $move) {
                // Whoever converges may happen to be clear of the lane already.
                self::assertTrue($move->there() > 0.1 || JobKind::Converge === $move->jobs[0]->kind, "$number moves when {$play->fieldedBy->value} fields");
            }
            foreach (Base::cases() as $base) {
                self::assertCount(1, $play->covers($base), "{$base->word()} when {$play->fieldedBy->value} fields");
            }
        }
    }

    /** @return iterable<string, array{SituationPlan}> */
    public static function coverages(): iterable
    {
        foreach (['fastpitch-43' => Level::Fastpitch16, 'baseball-80' => Level::Youth13, 'baseball-60' => Level::Youth10, 'baseball-90' => Level::Pro] as $rules => $level) {
            foreach (Bases::cases() as $bases) {
                foreach (Teams::plan(Teams::state($rules, $bases->value.'-0'), $level)->coverages as $coverage) {
                    yield "{$coverage->key()}, $bases->value, $rules" => [Teams::plan(Teams::state($rules, $bases->value.'-0'), $level, coverage: $coverage->key())];
                }
            }
        }
    }

    public function testWhoFieldsDecidesWhoCoversThird(): void
    {
        $plan = Teams::plan(coverage: 'corners-crash');
        $byFive = self::bunt($plan, -35, 35);
        $byOne = self::bunt($plan, 3, 60);

        self::assertSame(Position::ThirdBase, $byFive->fieldedBy);
        self::assertSame([Position::Catcher], self::positions($byFive->covers(Base::Third)));
        self::assertSame([Position::Pitcher], self::positions($byFive->covers(Base::Home)));
        self::assertSame(Position::Pitcher, $byOne->fieldedBy);
        self::assertSame([Position::ThirdBase], self::positions($byOne->covers(Base::Third)));
    }

    public function testTurningBackCostsTime(): void
    {
        $play = self::bunt(Teams::plan(coverage: 'corners-crash'), 20, 30);
        $five = $play->move(Position::ThirdBase);

        self::assertTrue($five->jobs[0]->startsTowardBall);
        self::assertGreaterThan($five->who->secondsTo($play->question->rules->diamond()->at(Base::Third)) + 0.3, $five->there());
    }

    public function testFirstStaysLeavesTheFirstLineToThePitcher(): void
    {
        $crash = self::bunt(Teams::plan(coverage: 'corners-crash'), 42, 40);
        $stays = self::bunt(Teams::plan(coverage: 'first-stays'), 42, 40);

        self::assertSame(Position::FirstBase, $crash->fieldedBy);
        self::assertSame(Position::Pitcher, $stays->fieldedBy);
        self::assertGreaterThan($crash->fieldedAt + 0.5, $stays->fieldedAt, 'the pitcher is half a second later there');
    }

    public function testALeftHanderIsQuickerOnTheThirdSide(): void
    {
        $pitcher = static fn(Hand $hand) => Teams::with(Teams::player(1, 1), Traits::of($hand, Bats::Right));
        $time = static fn(Hand $hand): float => self::bunt(Teams::plan(roster: [$pitcher($hand), ...\array_slice(Teams::nine(), 1)], coverage: 'first-stays'), -3, 60)->fieldedAt;

        self::assertLessThan($time(Hand::Right), $time(Hand::Left));
    }

    public function testASlapperIsSaferThanAnOrdinaryBatter(): void
    {
        $ordinary = self::bunt(Teams::plan(), -40, 30);
        $slapper = self::bunt(Teams::plan(Teams::state(batter: BatterType::Slapper)), -40, 30);

        self::assertLessThan($ordinary->options[1]->margin(), $slapper->options[1]->margin());
        self::assertEqualsWithDelta(Level::Fastpitch16->profile()->homeToFirst, $ordinary->options[1]->runnerThere, 1e-6);
    }

    public function testOnTheSmallFieldTheLeadOutIsRealistic(): void
    {
        $share = static fn(SituationPlan $plan): float => $plan->report()->leadOutShare;

        self::assertGreaterThan(
            $share(Teams::plan(Teams::state('fastpitch-43'))),
            $share(Teams::plan(Teams::state('baseball-60'), Level::Youth10)),
            'the runner may not leave before the pitch is there',
        );
    }

    public function testTheCallFollowsTheFiguresAndTheCoachsLine(): void
    {
        foreach (BuntGrid::balls(Teams::state()->rules->buntSurface()) as $ball) {
            $play = Teams::plan(Teams::state('baseball-80'), Level::Youth13)->play($ball);
            [$lead, $first] = $play->options;
            $expected = $lead->chance >= 0.8 || $lead->chance > $first->chance ? Base::Second : Base::First;
            self::assertSame($expected, $play->called->base);
        }
    }

    public function testTheDrawnPlayKeepsTheComputedTimes(): void
    {
        $play = self::bunt(Teams::plan(), -20, 30);
        $second = $play->question->rules->diamond()->at(Base::Second);

        self::assertEqualsWithDelta($play->options[0]->runnerThere, $play->runners['R1']->end()->seconds, 1e-6);
        self::assertLessThan(0.01, $play->runners['R1']->end()->point->distanceTo($second));
        self::assertEqualsWithDelta($play->called->ballThere, $play->ball->end()->seconds, 1e-9);
        self::assertLessThan(0.01, $play->ball->at($play->fieldedAt)->distanceTo($play->move($play->fieldedBy)->track->at($play->fieldedAt)), 'ball and fielder meet');
        self::assertLessThan(0.01, $play->ball->at(0.0)->distanceTo(Point::home()));
        foreach ($play->moves as $move) {
            $before = -1.0;
            foreach ($move->track->keyframes as $frame) {
                self::assertGreaterThanOrEqual($before, $frame->seconds);
                $before = $frame->seconds;
            }
        }
    }

    public function testBackUpsStandBehindTheBagInLineWithTheThrow(): void
    {
        $play = self::bunt(Teams::plan(), -20, 30);
        $right = $play->move(Position::RightField);
        $bag = $play->question->rules->diamond()->at(Base::First);
        $from = $play->ball->at($play->fieldedAt);
        $end = $right->track->end()->point;

        self::assertSame(JobKind::BackUp, $right->jobs[0]->kind);
        self::assertEqualsWithDelta($from->distanceTo($bag) + $bag->distanceTo($end), $from->distanceTo($end), 1e-6, 'in line');
        self::assertEqualsWithDelta(20.0, $bag->distanceTo($end), 1e-6);
    }

    public function testUnknownCoverageSaysWhichThereAre(): void
    {
        $this->expectExceptionObject(InvalidValue::notOneOf('coverage', 'wheel', ['corners-crash', 'first-stays']));
        Teams::plan(coverage: 'wheel');
    }

    public function testNoCoverageWithTwoOutOrWhereNobodyBunts(): void
    {
        self::assertNull(Teams::plan(Teams::state(situation: 'R1-2'))->coverage);
        self::assertNull(Teams::plan(Teams::state('slowpitch-65'))->coverage);
    }

    private static function bunt(SituationPlan $plan, float $degrees, float $feet): Timeline
    {
        return $plan->play(BuntGrid::restingAt($feet, $degrees, $plan->state->rules->buntSurface()));
    }

    /**
     * @param list<Move> $moves
     *
     * @return list<Position>
     */
    private static function positions(array $moves): array
    {
        return array_map(static fn(Move $move): Position => $move->position(), $moves);
    }
}
