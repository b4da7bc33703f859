<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\GroundBall\Afterwards;
use FoxCorner\Core\Family\GroundBall\GroundBallFamily;
use FoxCorner\Core\Family\GroundBall\GroundBallPlay;
use FoxCorner\Core\Family\GroundBall\GroundBallTrial;
use FoxCorner\Core\Family\GroundBall\Hop;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Known\LevelFigures;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Check\NobodyIdle;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Clock\EventKind;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Ground balls on the clock: who has it, what is done with it, and the judgement behind it. */
final class GroundBallPlayTest extends TestCase
{
    use GroundBallsHit;

    public function testTwoGoBetweenHandsAndBagsInOrder(): void
    {
        $timeline = self::play(Level::Pro, 'R1-0', -12, 88)->timeline();

        self::assertSame(Position::Shortstop, $timeline->fieldedBy());
        self::assertSame([Base::Second, Base::First], self::bags($timeline));
        self::assertSame(Position::SecondBase, $timeline->legs[1]->from->by->position);
        self::assertSame(Position::FirstBase, $timeline->legs[1]->made->cover);
        $before = 0.0;
        foreach ($timeline->events as $event) {
            self::assertGreaterThanOrEqual($before, $event->seconds);
            $before = $event->seconds;
        }
        [$feed, $relay] = [$timeline->legs[0]->made, $timeline->legs[1]->made];
        $pivot = (0.77 * 0.7) / 0.75;
        self::assertEqualsWithDelta(max($feed->ballThere, $feed->coverThere) + $pivot, $relay->released, 1e-9);
        self::assertEqualsWithDelta($relay->ballThere, $timeline->ball->end()->seconds, 1e-9);
        self::assertEqualsWithDelta($timeline->fieldedAt(), $timeline->moment(EventKind::Fielded), 1e-9);
    }

    /** @param list<string> $bags */
    #[TestWith([Level::Pro, 'R1-0', -33.0, 95.0, ['second', 'first'], 5], '5-4-3')]
    #[TestWith([Level::Pro, 'R1-0', 12.0, 88.0, ['second', 'first'], 4], '4-6-3')]
    #[TestWith([Level::Pro, 'R1-0', 33.0, 88.0, ['second', 'first'], 3], '3-6-1')]
    #[TestWith([Level::Pro, 'R1-0', 1.0, 80.0, ['second', 'first'], 1], '1-6-3')]
    #[TestWith([Level::Pro, 'none-0', -33.0, 95.0, ['first'], 5], '5-3')]
    #[TestWith([Level::Pro, 'R1R2-0', -41.0, 92.0, ['third', 'second'], 5], 'third himself, then second')]
    public function testStarters(
        Level $level,
        string $situation,
        float $degrees,
        float $mph,
        array $bags,
        int $by,
    ): void {
        $timeline = self::play($level, $situation, $degrees, $mph)->timeline();

        self::assertSame($by, $timeline->fieldedBy()->value);
        self::assertSame($bags, array_map(static fn(Base $base): string => $base->word(), self::bags($timeline)));
    }

    public function testABallWithinAFewStepsOfTheBagIsTakenThereByHimself(): void
    {
        $play = self::play(Level::Pro, 'R1-0', -3, 85);
        self::assertSame(Position::Shortstop, $play->firstBy());
        self::assertTrue($play->made()?->carried, 'six to three: he steps on second');
        self::assertSame(6, $play->made()->cover);
        self::assertSame(Base::First, $play->made()->aim->then);

        $first = self::play(Level::HighSchool, 'none-0', 41, 70);
        self::assertSame(Position::FirstBase, $first->firstBy());
        self::assertTrue($first->made()?->carried, 'and the first baseman on first');
    }

    public function testABobbledBallIsPickedUpLaterAndTheSureOutIsTaken(): void
    {
        $plan = (new LevelFigures(Level::Pro))->plan('R1-0');
        $ball = static fn(Hop $hop): GroundBallPlay => self::ball(
            $plan,
            GroundBallTrial::hit(-12, 88, $plan->state->rules, $hop),
            level: Level::Pro,
        );
        [$true, $bobbled] = [$ball(Hop::True)->timeline(), $ball(Hop::Bobbled)->timeline()];
        $exchange = Level::Pro->profile()->motion->exchangeSet;

        self::assertTrue($true->isForTwo());
        self::assertFalse($bobbled->isForTwo());
        self::assertSame(Base::First, $bobbled->called()->base, 'the sure one');
        $toFirst = static fn(Timeline $play): float => $play->options()[\count($play->options()) - 1]->released;
        self::assertEqualsWithDelta(($exchange * 0.8) / 0.75, $toFirst($bobbled) - $toFirst($true), 0.02);
        self::assertContains('Picked up', array_column($bobbled->events, 'words'));
        $comes = $ball(Hop::Bobbled)->fielding->comes;
        self::assertEqualsWithDelta(1.0, $comes->out + $comes->error, 1e-9, 'whoever is safe is on by an error');
        self::assertSame(0.0, $comes->past);
    }

    /** @return iterable<string, array{string}> */
    public static function situations(): iterable
    {
        foreach (['none-0', 'R1-1', 'R2-0', 'R3-1', 'R1R2-1', 'R1R3-0', 'R2R3-1', 'loaded-2'] as $key) {
            yield $key => [$key];
        }
    }

    #[DataProvider('situations')]
    public function testAllNineHaveAJobOnEveryBall(string $situation): void
    {
        $plan = (new LevelFigures(Level::HighSchool))->plan($situation);
        $family = new GroundBallFamily();
        $scene = self::scene($plan, OutPolicy::Numbers);
        foreach ($family->coverages($plan->state->rules, $plan->state->situation) as $coverage) {
            $play = $family->against($scene, $coverage);
            foreach ($family->trials($plan->scene()) as $trial) {
                $timeline = $play($trial)->timeline();
                self::assertSame([], (new NobodyIdle())->findings($timeline), $trial->words());
                foreach (Base::cases() as $base) {
                    $covers = array_filter(
                        $timeline->covers($base),
                        static fn($move): bool => $move->position() !== $timeline->fieldedBy(),
                    );
                    self::assertLessThanOrEqual(1, \count($covers), "{$trial->words()} {$base->word()}");
                }
            }
        }
    }

    /** The map's balls, played on the clock: who has it, when, and what it comes to. */
    #[TestWith([Level::Pro, 'R1-0'])]
    #[TestWith([Level::Youth13, 'R1R3-1'])]
    #[TestWith([Level::Fastpitch16, 'none-0'])]
    public function testTheClockAndTheMapAgree(Level $level, string $situation): void
    {
        $plan = (new LevelFigures($level))->plan($situation);
        $map = $plan->range(Teams::cost($level));
        foreach ([3, 11, 17, 24, 30, 36, 44, 52, 58] as $direction) {
            foreach ([1, 3, 5, 7] as $speed) {
                [$ball, $mph, $degrees] = $map->ball($direction, $speed);
                $play = self::of($plan, $degrees, $mph, OutPolicy::Numbers, $level);
                $comes = $play->fielding->comes;
                self::assertSame($ball->met?->by->number, $comes->met?->by->number, "{$degrees}° $mph mph");
                self::assertEqualsWithDelta(
                    $ball->met->seconds ?? 0.0,
                    $comes->met->seconds ?? 0.0,
                    0.01,
                    "{$degrees}° $mph mph",
                );
                self::assertEqualsWithDelta($ball->out, $comes->out, 0.005);
                self::assertEqualsWithDelta($ball->two, $comes->two, 0.005);
                self::assertEqualsWithDelta($ball->cost, $comes->cost, 0.005);
            }
        }
    }

    public function testABadHopIsMisplayedMoreAndAChopperTakesItsTime(): void
    {
        $play = static fn(Hop $hop): GroundBallPlay => self::ball(
            (new LevelFigures(Level::HighSchool))->plan('none-0'),
            GroundBallTrial::hit(-20, 75, ShippedRuleSets::get('baseball-90-7'), $hop),
        );
        $clean = static fn(Hop $hop): float => $play($hop)->fielding->met->clean ?? 0.0;

        self::assertLessThan($clean(Hop::True) - 0.15, $clean(Hop::Bad));
        self::assertGreaterThan(
            $play(Hop::True)->timeline()->fieldedAt() + 0.2,
            $play(Hop::Chopper)->timeline()->fieldedAt(),
        );
    }

    public function testWhatNobodyReachesTheOutfieldPicksUp(): void
    {
        $timeline = self::play(Level::Pro, 'none-0', -26.0, 116)->timeline();

        self::assertSame(Position::LeftField, $timeline->fieldedBy());
        self::assertSame(0.0, $timeline->called()->chance);
    }

    public function testAFoulIsNoGroundBall(): void
    {
        $this->expectException(Problem::class);
        $this->expectExceptionMessage('degrees: 46 is too large; allowed: -45 to 45 degrees');
        GroundBallTrial::hit(46, 70, ShippedRuleSets::get('baseball-90'));
    }

    /** A slow ball with first and second taken is out at second, with a feint and a look at third. */
    #[TestWith(['R1R2-0', 8.0, 62.0, OutPolicy::Numbers, 'feint-and-look', Base::Second])]
    #[TestWith(['R1R2-0', -6.0, 75.0, OutPolicy::Numbers, null, Base::Second])]
    #[TestWith(['R1-0', 8.0, 62.0, OutPolicy::Numbers, null, Base::Second])]
    #[TestWith(['R3-1', 14.0, 45.0, OutPolicy::First, 'look-back', Base::First])]
    #[TestWith(['R3-1', 8.0, 45.0, OutPolicy::Numbers, 'run-at-him', Base::Home])]
    #[TestWith(['R3-2', 14.0, 45.0, OutPolicy::First, null, Base::First])]
    #[TestWith(['R1-0', 14.0, 45.0, OutPolicy::First, null, Base::First])]
    #[TestWith(['loaded-1', 14.0, 45.0, OutPolicy::First, null, Base::First])]
    public function testWhatBelongsToAnOutBesidesTheThrow(
        string $situation,
        float $degrees,
        float $mph,
        OutPolicy $policy,
        ?string $besides,
        Base $called,
    ): void {
        $play = self::play(Level::HighSchool, $situation, $degrees, $mph, $policy)->timeline();

        self::assertSame($called, $play->called()->base);
        self::assertSame($besides, Afterwards::of($play)?->value);
    }
}
