<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Golden;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The core's figures as they were when somebody last looked at them: tests/Tools/golden writes them anew, the diff is
 * read.
 */
final class GoldenTest extends TestCase
{
    private const SHOWN = 12;

    #[DataProvider('topics')]
    public function testEveryFigureIsWhatItWas(string $topic): void
    {
        $differences = (new Golden($topic))->differences();

        self::assertSame(
            [],
            \array_slice($differences, 0, self::SHOWN),
            \count($differences) . ' figures of ' . $topic . ' have moved.',
        );
    }

    /** @return iterable<string, array{string}> */
    public static function topics(): iterable
    {
        foreach (array_keys(Golden::topics()) as $topic) {
            yield $topic => [$topic];
        }
    }
}
