<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play\Running;

use FoxCorner\Core\Family\Rundown\RundownCoverages;
use FoxCorner\Core\Family\Rundown\RundownFamily;
use FoxCorner\Core\Family\Rundown\RundownPlay;
use FoxCorner\Core\Family\Rundown\RundownTrial;
use FoxCorner\Core\Family\ShippedFamilies;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Clock\CaughtBetween;
use FoxCorner\Core\Play\Scheme\CoverageLine;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A runner caught between two bases. */
final class RundownTest extends TestCase
{
    /** @param array<int, string> $jobs by position number */
    #[
        TestWith([
            'R1-0',
            Base::First,
            [3 => 'receive-first', 4 => 'receive-second', 1 => 'fill-first', 6 => 'fill-second'],
        ]),
    ]
    #[
        TestWith([
            'R2-0',
            Base::Second,
            [6 => 'receive-second', 5 => 'receive-third', 4 => 'fill-second', 1 => 'fill-third'],
        ]),
    ]
    #[TestWith(['R3-0', Base::Third, [5 => 'receive-third', 2 => 'receive-home', 6 => 'fill-third', 1 => 'fill-home']])]
    public function testWhoReceivesAndWhoFills(string $situation, Base $from, array $jobs): void
    {
        $coverage = RundownCoverages::for(Teams::state('baseball-90', $situation)->situation->bases)[0];
        $drawn = $coverage->jobs(RundownCoverages::branch($from));
        foreach ($jobs as $number => $key) {
            self::assertSame($key, $drawn[$number][0]->key());
        }
        self::assertCount(9, $drawn, 'everybody has something to do');
    }

    public function testHeIsRunBackWhenTheBallIsInFrontOfHim(): void
    {
        $back = self::play('R1-0', RundownTrial::caught(Base::First, 50.0, 12.0));
        $on = self::play('R1-0', RundownTrial::caught(Base::First, 50.0, 12.0, true));

        self::assertSame([Base::First, 50.0, Position::SecondBase], [$back->ahead(), $back->toGo(), $back->firstBy()]);
        self::assertSame([Base::Second, 40.0, Position::FirstBase], [$on->ahead(), $on->toGo(), $on->firstBy()]);
        self::assertSame(Position::FirstBase, $back->receiver->position);
        $toll = Teams::cost(Level::HighSchool);
        self::assertEqualsWithDelta(
            $back->end->out * $toll->after(0, 1, 0) + (1 - $back->end->out) * $toll->after(1, 0, 0),
            $back->made()->cost,
            1e-9,
            'safe he is where he was',
        );
        self::assertEqualsWithDelta(
            $on->end->out * $toll->after(0, 1, 0) + (1 - $on->end->out) * $toll->after(2, 0, 0),
            $on->made()->cost,
            1e-9,
            'run forward he has a base more',
        );
    }

    public function testTheRunnerInFrontIsWatchedAndTheOneBehindIsTheSecondOut(): void
    {
        $play = self::play('R1R3-1', RundownTrial::caught(Base::First, 45.0, 12.0));
        $watched = $play->watched();

        self::assertSame(['R3', Base::Home], [$watched[0]->name, $watched[0]->to]);
        $ball = $play->at(57.0);
        $flight = Throws::of(Ball::Baseball)->given(hypot($ball->x, $ball->y), Speed::ofMph(72.0));
        self::assertEqualsWithDelta(0.35 + 0.76 + $flight + 0.15, $watched[0]->tag, 1e-6);
        self::assertGreaterThan(0.5, $watched[0]->out, 'he has no chance when somebody looks');
        self::assertMatchesRegularExpression(
            '/^R3 breaks: throw home, out, 8\d in 100, by 1\.5\d s\.$/',
            $watched[0]->words(),
        );
        // From first base the throw home is shorter, and there when he has hardly begun.
        self::assertGreaterThan($watched[0]->out, $watched[0]->later);
        self::assertStringContainsString('R3’s best moment is while it is held here', $watched[0]->theirs());
        [$last] = self::play('R1R3-2', RundownTrial::caught(Base::First, 45.0, 12.0))->watched();
        self::assertStringContainsString('R3 goes at once, and the run counts', $last->theirs());
        self::assertStringContainsString(\sprintf('within %.1f s', $last->there), $last->theirs());
        self::assertSame(0.0, $play->two());
        $two = self::play('R1R2-0', RundownTrial::caught(Base::Second, 45.0, 12.0));
        self::assertGreaterThan(0.3, $two->two());
        self::assertLessThan($two->end->out, $two->two());
        self::assertSame(0.0, self::play('R1R2-2', RundownTrial::caught(Base::Second))->two(), 'it is over with one');
    }

    public function testABagThatNobodyFillsIsFound(): void
    {
        $state = Teams::state('baseball-90', 'R1-0');
        $play = PlannedPlay::of(
            Teams::plan($state, Level::HighSchool),
            new RundownFamily(),
            PlanBook::shipped($state->rules),
        );
        $usual = $play->coverage ?? throw new \LogicException();
        $bare = Teams::only(
            $usual,
            static fn(CoverageLine $line): bool => Position::Pitcher !== $line->who &&
                Position::RightField !== $line->who,
        );
        $kinds = array_map(static fn($one): string => $one->worst->identity(), $play->reportOn($bare)->findings);

        self::assertSame([], $play->report()->findings);
        self::assertContains('nobody-fills/-/1', $kinds);
        self::assertNotContains('nobody-fills/-/2', $kinds);
    }

    public function testAnotherPlayIsHandedOnToIt(): void
    {
        $families = ShippedFamilies::all();
        $rundown = $families->takingOver() ?? throw new \LogicException();
        $trial = $rundown->after(new CaughtBetween(Base::Second, 31.4, false, 22.6));

        self::assertSame(RundownFamily::KEY, $rundown->key());
        self::assertEquals(RundownTrial::caught(Base::Second, 31.0, 23.0), $trial);
        self::assertEquals($trial, $rundown->trial($trial->fields(), Teams::scene('baseball-90', level: Level::Pro)));
    }

    public function testEverybodyMovesAndTheTracksMeet(): void
    {
        foreach (['R1-0', 'R2R3-1', 'loaded-0'] as $situation) {
            $state = Teams::state('fastpitch-43', $situation);
            $play = PlannedPlay::of(Teams::plan($state), new RundownFamily(), PlanBook::shipped($state->rules));
            foreach ($play->sheet() as $trial) {
                $timeline = $play->run($trial);
                $tag = $timeline->legs[0]->cut ?? throw new \LogicException();
                self::assertCount(9, array_filter($timeline->moves, static fn($move): bool => [] !== $move->jobs));
                self::assertLessThan(
                    0.1,
                    $timeline->ball->at($tag->seconds)->distanceTo($tag->at),
                    'the ball is where it is caught',
                );
                self::assertLessThan($timeline->length(), $tag->seconds);
            }
        }
    }

    /** @param array<string, float|string> $fields */
    #[TestWith([['from' => 'home'], 'from'])]
    #[TestWith([['from' => 'first', 'off' => 2.0], 'runner'])]
    #[TestWith([['ball' => 'above'], 'ball'])]
    #[TestWith([['gap' => 0.5], 'ball'])]
    #[TestWith([['off' => 'x'], 'off'])]
    public function testWhatIsNoRundownIsRefused(array $fields, string $field): void
    {
        try {
            (new RundownFamily())->trial($fields, Teams::scene('baseball-90', level: Level::Pro));
            self::fail('It is none.');
        } catch (Problem $problem) {
            self::assertSame($field, $problem->field());
        }
    }

    private static function play(string $situation, RundownTrial $trial): RundownPlay
    {
        $plan = Teams::plan(Teams::state('baseball-90', $situation), Level::HighSchool);

        return new RundownPlay(
            $plan->scene(Teams::cost(Level::HighSchool)),
            RundownCoverages::for($plan->state->situation->bases)[0],
            $trial,
        );
    }
}
