<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\GroundBall\GroundBallTrial;
use FoxCorner\Core\Family\GroundBall\GroundCoverages;
use FoxCorner\Core\Family\GroundBall\GroundDefence;
use FoxCorner\Core\Family\GroundBall\GroundMap;
use FoxCorner\Core\Family\GroundBall\MappedGroundBall;
use FoxCorner\Core\Known\LevelFigures;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Map\MapOutcome;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** All ground balls of a situation, drawn as three arcs. */
final class GroundMapTest extends TestCase
{
    use GroundBallsHit;

    public function testEachBallIsTheOneThatTheDefencePlays(): void
    {
        $defence = self::defence(Level::HighSchool, 'R1-0');
        $map = GroundMap::of($defence);
        self::assertCount(69, $map->balls, 'three arcs, every four degrees from 44 to 44');
        foreach ([3, 30, 51] as $index) {
            $ball = $map->balls[$index];
            $comes = $defence->fielding($ball->trial)->comes;
            self::assertSame([$comes->out, $comes->two], [$ball->comes->out, $ball->comes->two]);
        }
        $ordinary = $map->ofKind('Ordinary');
        self::assertSame(
            [-44.0, 0.0, 44.0],
            [$ordinary[0]->trial->degrees, $ordinary[11]->trial->degrees, $ordinary[22]->trial->degrees],
        );
        self::assertSame(round($defence->scene->level->groundBallSpeed), $ordinary[0]->trial->mph);
        self::assertEqualsWithDelta(1.02 * 90, $ordinary[11]->at->y, 1e-9, 'straight away, a base path out');
        self::assertEqualsWithDelta(
            1.44 * 90,
            hypot($map->ofKind('Hard')[0]->at->x, $map->ofKind('Hard')[0]->at->y),
            1e-9,
        );
        self::assertEqualsWithDelta(0.62 * 90, $map->ofKind('Soft')[11]->at->y, 1e-9);
    }

    #[TestWith([Level::Pro])]
    #[TestWith([Level::HighSchool])]
    #[TestWith([Level::Fastpitch16])]
    public function testBallsGetThroughBetweenFieldersAndNotAtThem(Level $level): void
    {
        $map = GroundMap::of(self::defence($level, 'none-0'));
        $out = static fn(string $kind, float $degrees): float => array_values(
            array_filter(
                $map->ofKind($kind),
                static fn(MappedGroundBall $one): bool => $degrees === $one->trial->degrees,
            ),
        )[0]->comes->out;

        self::assertGreaterThan(0.8, $out('Ordinary', -16.0), 'at short');
        self::assertLessThan($out('Ordinary', -16.0) - 0.2, $out('Ordinary', -44.0), 'down the line');
        self::assertLessThan($out('Soft', -24.0) + 0.01, $out('Hard', -24.0), 'the hole is for the hard ones');
        foreach ($map->balls as $ball) {
            self::assertSame($ball->comes->two >= 0.5, MapOutcome::Lead === $ball->outcome());
            self::assertGreaterThanOrEqual(0.5, $ball->sureness());
            self::assertLessThanOrEqual(1.0, $ball->sureness());
        }
    }

    public function testWithARunnerOnFirstSomeAreTwo(): void
    {
        $outcomes = static fn(string $situation): array => array_map(
            static fn(MappedGroundBall $one): MapOutcome => $one->outcome(),
            GroundMap::of(self::defence(Level::Pro, $situation))->balls,
        );

        self::assertNotContains(MapOutcome::Lead, $outcomes('none-0'));
        self::assertContains(MapOutcome::Lead, $outcomes('R1-0'));
        self::assertNotContains(MapOutcome::Lead, $outcomes('R1-2'), 'one ends it');
    }

    private static function defence(Level $level, string $situation): GroundDefence
    {
        $plan = (new LevelFigures($level))->plan($situation);

        return GroundDefence::of(
            self::scene($plan, OutPolicy::Numbers, $level),
            GroundCoverages::for($plan->state->situation->bases, $plan->state->rules->sport)[0],
        );
    }

    public function testABallOfTheMapCanBeHit(): void
    {
        $trial = GroundMap::of(self::defence(Level::Pro, 'R1-0'))->balls[40]->trial;

        self::assertEquals(
            GroundBallTrial::hit(
                $trial->degrees,
                $trial->mph,
                (new LevelFigures(Level::Pro))->plan('R1-0')->state->rules,
            ),
            $trial,
        );
    }
}
