<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** Whatever computes is asked in few words; a value names its parts where it is made, and may have many. */
final class ArgumentsTest extends TestCase
{
    private const MANY = 6;
    /** Of the functions that are no constructors; lists that are there for a value's parts, or hot. */
    private const SHARE = 0.0085;

    public function testLongListsOfArgumentsAreRare(): void
    {
        $long = [];
        $all = 0;
        foreach ([SourceTree::core(), SourceTree::app()] as $tree) {
            foreach ($tree->files() as $file => $text) {
                foreach (self::functions($text) as $name => $arguments) {
                    ++$all;
                    if ($arguments >= self::MANY) {
                        $long[] = "$file: $name takes $arguments";
                    }
                }
            }
        }

        self::assertLessThanOrEqual(self::SHARE * $all, \count($long), implode("\n", $long));
    }

    /** @return array<string, int> how many arguments each named function takes, but for the constructor */
    private static function functions(string $source): array
    {
        $functions = [];
        // One level of parentheses within the list: a default that is made by a call.
        preg_match_all('/function (\w+)\(((?:[^()]|\([^()]*\))*)\)/', $source, $found, \PREG_SET_ORDER);
        foreach ($found as [, $name, $list]) {
            if ('__construct' !== $name) {
                $functions[$name] = (int) preg_match_all('/\$\w+/', (string) preg_replace('/= [^,]*/', '', $list));
            }
        }

        return $functions;
    }
}
