<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** One number has one name, and one name one number: no constant of the core is said twice. */
final class OneNumberTest extends TestCase
{
    /** Names that say their number, whatever it is of. */
    private const SAY_IT = ['HALF'];

    public function testNoConstantOfTheCoreIsSaidTwice(): void
    {
        $said = [];
        foreach (self::numbers() as [$name, $number, $file]) {
            $said["$name = $number"][] = $file;
        }
        $twice = array_filter($said, static fn(array $files): bool => \count($files) > 1);

        self::assertSame([], $twice, 'one of them asks the other');
        self::assertGreaterThan(400, \count($said));
    }

    /** What is the level's own: the speed off the bat, the legs, the arms are said by its profile and nowhere else. */
    public function testNoTableOfLevelsStandsBesideTheProfiles(): void
    {
        $tables = [];
        foreach (SourceTree::core()->files() as $file => $text) {
            // A list of numbers by base path, as in [85 => 80.0, 75 => 63.0].
            preg_match_all('/const (\w+) = \[\s*\d{2} => \d+\.\d+,\s*\d{2} => \d+\.\d+/', $text, $found);
            foreach ($found[1] as $name) {
                $tables[] = "$file: $name";
            }
        }

        self::assertSame([], $tables);
    }

    /** @return iterable<array{string, string, string}> name, number as it is written, file */
    private static function numbers(): iterable
    {
        foreach (SourceTree::core()->files() as $file => $text) {
            preg_match_all('/const (\w+) = (-?[\d._]+(?:e-?\d+)?);/i', $text, $found, \PREG_SET_ORDER);
            foreach ($found as [, $name, $number]) {
                if (!\in_array($name, self::SAY_IT, true)) {
                    yield [$name, (string) (float) str_replace('_', '', $number), $file];
                }
            }
        }
    }
}
