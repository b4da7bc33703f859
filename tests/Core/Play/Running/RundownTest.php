<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play\Running;

use FoxCorner\Core\Family\Rundown\Chase;
use FoxCorner\Core\Family\Rundown\RundownCoverages;
use FoxCorner\Core\Family\Rundown\RundownFamily;
use FoxCorner\Core\Family\Rundown\RundownPlay;
use FoxCorner\Core\Family\Rundown\RundownTrial;
use FoxCorner\Core\Family\ShippedFamilies;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Clock\CaughtBetween;
use FoxCorner\Core\Play\Running\Thief;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\CoverageLine;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A runner caught between two bases. */
final class RundownTest extends TestCase
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
        self::assertSame(0.0, $play->two());
        $two = self::play('R1R2-0', RundownTrial::caught(Base::Second, 45.0, 12.0));
        self::assertGreaterThan(0.3, $two->two());
        self::assertLessThan($two->end->out, $two->two());
        self::assertSame(0.0, self::play('R1R2-2', RundownTrial::caught(Base::Second))->two(), 'it is over with one');
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

    public function testABagThatNobodyFillsIsFound(): void
    {
        $state = Teams::state('baseball-90', 'R1-0');
        $play = PlannedPlay::of(
            Teams::plan($state, Level::HighSchool),
            new RundownFamily(),
            PlanBook::shipped($state->rules),
        );
        $usual = $play->coverage ?? throw new \LogicException();
        $bare = new Coverage(
            'bare',
            'Bare',
            'Bare',
            'Nobody fills.',
            $usual->bases,
            $usual->fielders,
            array_values(
                array_filter(
                    $usual->lines,
                    static fn(CoverageLine $line): bool => Position::Pitcher !== $line->who &&
                        Position::RightField !== $line->who,
                ),
            ),
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
