<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play\Running;

use FoxCorner\Core\Family\FirstThird\FirstThirdFamily;
use FoxCorner\Core\Family\FirstThird\FirstThirdTrial;
use FoxCorner\Core\Family\FirstThird\GoesWhen;
use FoxCorner\Core\Family\FirstThird\School;
use FoxCorner\Core\Family\FirstThird\ThirdRunner;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Clock\Event;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;

/** A first-and-third steal as it is played: legs, who is caught between, what is said. */
final class FirstThirdPlayTest extends TestCase
{
    use FirstAndThird;

    public function testEachSchoolIsPlayedAndEverybodyHasAJob(): void
    {
        foreach (['baseball-90', 'fastpitch-43', 'baseball-60'] as $rules) {
            $state = Teams::state($rules, 'R1R3-1');
            $play = PlannedPlay::of(
                Teams::plan($state, 'fastpitch-43' === $rules ? Level::Fastpitch16 : Level::HighSchool),
                new FirstThirdFamily(),
                PlanBook::shipped($state->rules),
            );
            self::assertCount(6, $play->coverages);
            foreach ($play->coverages as $coverage) {
                foreach ($play->sheet() as $trial) {
                    $timeline = $play->trying($coverage)->run($trial, Teams::cost());
                    foreach ($timeline->moves as $number => $move) {
                        self::assertCount(1, $move->jobs, "$coverage->key: $number");
                    }
                    self::assertNotNull($timeline->title);
                }
            }
        }
    }

    public function testACutThrowIsTwoLegsAndTheRunnerMayBeCaughtBetween(): void
    {
        $play = self::planned('first-third-read-cut');
        $goes = $play->run(new FirstThirdTrial(GoesWhen::WithPitch, ThirdRunner::Goes));
        $stays = $play->run(new FirstThirdTrial(GoesWhen::WithPitch, ThirdRunner::Stays));

        self::assertSame(Base::Home, $goes->called()->base);
        self::assertCount(2, $goes->legs);
        self::assertSame(Position::SecondBase, $goes->legs[0]->cut?->by);
        self::assertSame(Base::Third, $goes->caught?->from);
        self::assertCount(1, $goes->voices, 'the third baseman says that he goes');
        self::assertSame(Base::Second, $stays->called()->base);
        self::assertSame(Position::Shortstop, $stays->called()->cover);
        self::assertCount(1, $stays->legs);
        $early = $play->run(new FirstThirdTrial(GoesWhen::Early, ThirdRunner::Stays));
        self::assertSame(Position::Pitcher, $early->fieldedBy());
        self::assertSame(Base::First, $early->caught?->from);
    }

    /** Only a runner who leaves third is caught, and only by somebody who stops the throw. */
    public function testWhoIsCaughtBetweenTheBasesAndWhere(): void
    {
        $caught = static fn(string $school, ThirdRunner $third, GoesWhen $when = GoesWhen::WithPitch) => self::planned(
            "first-third-$school",
        )->run(new FirstThirdTrial($when, $third))->caught;

        self::assertNull($caught('through', ThirdRunner::Goes));
        self::assertNull($caught('read-cut', ThirdRunner::Stays));
        $third = $caught('to-pitcher', ThirdRunner::Reads);
        self::assertSame(Base::Third, $third?->from);
        self::assertEqualsWithDelta([30.0, 30.0], [$third->off, $third->gap], 1e-9);
        $first = $caught('through', ThirdRunner::Stays, GoesWhen::Early);
        self::assertEqualsWithDelta([45.0, 45.0], [$first?->off, $first?->gap], 1e-9);
    }

    /** The cutter has it as long as he needs to throw again; who stays on third stays there. */
    public function testTheBallWaitsInTheCuttersHandAndTheRunnerOnThirdDoesWhatHeDoes(): void
    {
        $race = self::race(Level::Pro, GoesWhen::WithPitch);
        $goes = self::planned('first-third-read-cut')->run(new FirstThirdTrial(GoesWhen::WithPitch, ThirdRunner::Goes));
        $cut = $goes->legs[0]->cut->seconds ?? \NAN;
        $stop = $goes->ball->at($cut);
        self::assertEqualsWithDelta(0.0, $stop->distanceTo($goes->ball->at($cut + 0.65)), 0.01);
        self::assertGreaterThan(5.0, $stop->distanceTo($goes->ball->at($cut + 0.8)));
        self::assertEqualsWithDelta(0.7, $race->exchanging(School::ReadCut), 1e-9);
        self::assertSame(0.0, round(Point::home()->distanceTo($goes->runners['R3']->end()->point), 1));

        $stays = self::planned('first-third-through')->run(
            new FirstThirdTrial(GoesWhen::WithPitch, ThirdRunner::Stays),
        );
        self::assertGreaterThan(60.0, Point::home()->distanceTo($stays->runners['R3']->end()->point));
    }

    public function testWhatIsSaidOfTheThrow(): void
    {
        $words = static fn(string $school): array => array_map(
            static fn(Event $event): string => $event->words,
            self::planned("first-third-$school")->run(new FirstThirdTrial(GoesWhen::WithPitch))->events,
        );

        self::assertContains('Held', $words('concede'));
        self::assertContains('Thrown', $words('through'));
        self::assertNotContains('Held', $words('through'));
    }

    public function testGivenSecondNobodyThrows(): void
    {
        $timeline = self::planned('first-third-concede')->run(new FirstThirdTrial(GoesWhen::WithPitch), Teams::cost());

        self::assertNull($timeline->called()->cover);
        self::assertSame('Second is given, R3 stays', $timeline->title);
    }

    private static function planned(string $coverage): PlannedPlay
    {
        $state = Teams::state('baseball-90', 'R1R3-1');

        return PlannedPlay::of(
            Teams::plan($state, Level::Pro),
            new FirstThirdFamily(),
            PlanBook::shipped($state->rules),
            $coverage,
        );
    }
}
