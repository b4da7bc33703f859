<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\Practice\Arm\ArmRest;
use FoxCorner\Core\Practice\Arm\Outing;
use FoxCorner\Core\Practice\Arm\RestTable;
use FoxCorner\Core\Problem\Problem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Days of rest after pitching, and the throws that come back over them. */
final class ArmRestTest extends TestCase
{
    public function testDaysOfRestFollowThePitchesAndTheAge(): void
    {
        $older = RestTable::of(AgeGroup::Older);
        $child = RestTable::of(AgeGroup::Child);
        $days = static fn(RestTable $table): array => array_map($table->days(...), [20, 21, 35, 36, 51, 66, 76, 120]);

        self::assertSame([0, 1, 1, 2, 3, 4, 4, 4], $days($child));
        self::assertSame([0, 0, 1, 1, 2, 3, 3, 4], $days($older));
        self::assertSame(
            [75, 90, 105],
            array_map(static fn(AgeGroup $age): int => RestTable::of($age)->most(), AgeGroup::cases()),
        );
    }

    /** @param list<array{int, int}> $outings days ago and pitches */
    #[DataProvider('arms')]
    public function testAnArmComesBackByEqualSteps(array $outings, ?int $left, int $inDays): void
    {
        $rest = ArmRest::of(
            array_map(static fn(array $one): Outing => new Outing(...$one), $outings),
            RestTable::of(AgeGroup::Older),
        );

        self::assertSame($left, $rest->left(75));
        self::assertSame($inDays, $rest->inDays());
    }

    /** @return iterable<string, array{list<array{int, int}>, int|null, int}> */
    public static function arms(): iterable
    {
        yield 'never pitched' => [[], null, 0];
        yield 'three days owed, on the day itself' => [[[0, 61]], 0, 4];
        yield 'the day after' => [[[1, 61]], 0, 3];
        yield 'one day rested' => [[[2, 61]], 25, 2];
        yield 'two days rested' => [[[3, 61]], 50, 1];
        yield 'rested' => [[[4, 61]], null, 0];
        yield 'none owed: what is left of the day' => [[[0, 30]], 45, 1];
        yield 'none owed, the day after' => [[[1, 30]], null, 0];
        yield 'two games on a day are one outing' => [[[1, 25], [1, 25]], 0, 2];
        yield 'the one that binds, not the last' => [[[1, 10], [2, 90]], 18, 3];
        yield 'each says its own' => [[[1, 31], [3, 90]], 0, 2];
        yield 'what is to come asks for nothing' => [[[-2, 90]], null, 0];
    }

    public function testTheLeaguesFiguresGoBeforeTheAges(): void
    {
        $usual = RestTable::of(AgeGroup::Older);
        $own = $usual->with(['25', '', '', '', '']);

        self::assertSame([25, 45, 60, 80, 105], $own->own);
        self::assertSame(1, $own->days(26));
        self::assertNull($own->with(['30', '45', '60', '80', '105'])->own, 'the age’s own are none');
        foreach (
            [
                [['', 'many'], '1 day of rest after: “many” is no whole number'],
                [['', '', '45'], '2 days of rest after: 45 is not above 45'],
                [['', '', '', '', '201'], '4 days of rest after: 201 is too large'],
            ] as [$typed, $said]
        ) {
            try {
                $usual->with($typed);
                self::fail("$said was taken");
            } catch (Problem $problem) {
                self::assertStringStartsWith($said, $problem->field() . ': ' . $problem->sentence());
            }
        }
    }
}
