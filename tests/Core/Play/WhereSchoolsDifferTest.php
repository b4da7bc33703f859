<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\Outfield\WhereSchoolsDiffer;
use FoxCorner\Core\Level\Level;
use PHPUnit\Framework\TestCase;

/** Schools that cost the same differ by who goes where, on which balls. */
final class WhereSchoolsDifferTest extends TestCase
{
    use BallsToTheOutfield;

    public function testWhoCutsHomeDiffersOnASingleToLeftAlone(): void
    {
        [$one] = WhereSchoolsDiffer::between(self::defence(Level::Pro, 'R2-1'), [
            self::defence(Level::Pro, 'R2-1', 'outfield-by-side'),
        ]);

        self::assertSame(['7 has a single'], $one->kinds);
        self::assertSame([3, 4, 5, 6], array_keys($one->changes));
        self::assertSame(['Cover third', 'Cutoff toward home'], $one->changes[5]);
        self::assertTrue($one->isEven());
        self::assertLessThan(-7.0, $one->ball->to->sprayDegrees(), 'drawn on a ball to left');
    }

    public function testKindsWithTheSameChangesAreOne(): void
    {
        $all = WhereSchoolsDiffer::between(self::defence(Level::Pro, 'none-0'), [
            self::defence(Level::Pro, 'none-0', 'outfield-behind-a-bag'),
        ]);

        self::assertCount(1, $all);
        self::assertCount(6, $all[0]->kinds);
        self::assertSame([1], array_keys($all[0]->changes));
    }

    public function testSchoolsThatDoTheSameAreOne(): void
    {
        $keys = ['outfield', 'outfield-by-side', 'outfield-behind-a-bag'];
        $all = WhereSchoolsDiffer::between(
            self::defence(Level::Fastpitch16, 'R2-1', 'outfield-at-the-bag'),
            array_map(static fn(string $key) => self::defence(Level::Fastpitch16, 'R2-1', $key), $keys),
        );

        self::assertSame([3, 3, 1], array_map(static fn(WhereSchoolsDiffer $one): int => \count($one->others), $all));
    }

    public function testASchoolDiffersNowhereFromItself(): void
    {
        $defence = self::defence(Level::Fastpitch16, 'R1-1');

        self::assertSame([], WhereSchoolsDiffer::between($defence, [$defence]));
    }
}
