<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Held;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Figures as they were when somebody last read them: tests/Tools/held writes them anew, and the diff is read. */
final class HeldTest extends TestCase
{
    private const SHOWN = 12;
    /** More than that nobody reads. */
    private const LINES = 450;

    #[DataProvider('topics')]
    public function testEveryCaseIsWhatItWas(string $topic): void
    {
        $held = new Held($topic);
        $moved = $held->moved($held->now());

        self::assertSame([], \array_slice($moved, 0, self::SHOWN), \count($moved) . " cases of $topic have moved.");
        self::assertLessThan(self::LINES, \count($held->kept()));
        self::assertGreaterThan(20, \count($held->kept()));
    }

    /** @return iterable<string, array{string}> */
    public static function topics(): iterable
    {
        foreach (array_keys(Held::topics()) as $topic) {
            yield $topic => [$topic];
        }
    }
}
