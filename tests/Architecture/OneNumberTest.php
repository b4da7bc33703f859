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
        foreach (self::numbers() as [$name, $number, $class]) {
            $said["$name = $number"][] = $class;
        }
        $twice = array_filter($said, static fn(array $classes): bool => \count($classes) > 1);

        self::assertSame([], $twice, 'one of them asks the other');
        self::assertGreaterThan(400, \count($said));
    }

    /** What is the level's own: the speed off the bat, the legs, the arms are said by its profile and nowhere else. */
    public function testNoTableOfLevelsStandsBesideTheProfiles(): void
    {
        $tables = [];
        foreach (SourceTree::core()->classes() as $class) {
            $path =
                \dirname(__DIR__, 2) . '/core' . strtr(substr($class, \strlen('FoxCorner\Core')), '\\', '/') . '.php';
            // A list of numbers by base path, as in [85 => 80.0, 75 => 63.0].
            preg_match_all(
                '/const (\w+) = \[\s*\d{2} => \d+\.\d+,\s*\d{2} => \d+\.\d+/',
                (string) file_get_contents($path),
                $found,
            );
            foreach ($found[1] as $name) {
                $tables[] = "$class::$name";
            }
        }

        self::assertSame([], $tables);
    }

    /** @return iterable<array{string, string, string}> name, number as it is written, class */
    private static function numbers(): iterable
    {
        foreach (SourceTree::core()->classes() as $class) {
            $path =
                \dirname(__DIR__, 2) . '/core' . strtr(substr($class, \strlen('FoxCorner\Core')), '\\', '/') . '.php';
            preg_match_all(
                '/const (\w+) = (-?[\d._]+(?:e-?\d+)?);/i',
                (string) file_get_contents($path),
                $found,
                \PREG_SET_ORDER,
            );
            foreach ($found as [, $name, $number]) {
                if (!\in_array($name, self::SAY_IT, true)) {
                    yield [$name, (string) (float) str_replace('_', '', $number), $class];
                }
            }
        }
    }
}
