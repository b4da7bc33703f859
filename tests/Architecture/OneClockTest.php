<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Architecture;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Now is the house's clock's, which tests set: nobody asks the machine or the database what day it is. */
final class OneClockTest extends TestCase
{
    private const WORDS = 'now|today|tomorrow|yesterday|midnight|first|last|next|mon|tue|wed|thu|fri|sat|sun|[+-]';
    private const FUNCTIONS = 'time|date|gmdate|mktime|gmmktime|strtotime|getdate|localtime|microtime|date_create';
    private const QUERIES = 'NOW|CURDATE|CURTIME|SYSDATE|UNIX_TIMESTAMP|UTC_TIMESTAMP';
    private const ASKS_THE_MACHINE = [
        'a date of its own' => '/new \\\\?DateTime(Immutable)?\\(\\s*(\\)|[\'"](' . self::WORDS . '))/i',
        'a function' => '/(?<![\\w>:$\\\\])(?<!function )\\\\?(' . self::FUNCTIONS . ')\\(/',
        'a query' => '/\\b(' . self::QUERIES . ')\\(|\\bCURRENT_(DATE|TIME|TIMESTAMP)\\b/',
    ];
    private const IN_A_TEMPLATE = '/[\'"](now|today|tomorrow|yesterday)[\'"]\\s*\\||(?<![|\\w])date\\(\\s*(\\)|[\'"])/';
    /** Sessions and cookies end by PHP's own clock and the visitor's; how long a run took is no day. */
    private const MAY = ['tests/App/SignInTest.php', 'tests/Tools/Fuzz.php', 'tests/Tools/Bombs.php'];

    #[DataProvider('sources')]
    public function testNobodyAsksTheMachine(string $folder, string $ending): void
    {
        $root = \dirname(__DIR__, 2);
        $read = 0;
        $found = [];
        $files = new \RecursiveIteratorIterator(
            new \RecursiveDirectoryIterator("$root/$folder", \FilesystemIterator::SKIP_DOTS),
        );
        foreach ($files as $file) {
            self::assertInstanceOf(\SplFileInfo::class, $file);
            $path = substr($file->getPathname(), \strlen($root) + 1);
            if (!str_ends_with($path, $ending) || \in_array($path, self::MAY, true) || __FILE__ === "$root/$path") {
                continue;
            }
            ++$read;
            foreach ((array) file($file->getPathname()) as $number => $line) {
                foreach (self::patterns($ending) as $what => $pattern) {
                    if (1 === preg_match($pattern, (string) $line)) {
                        $found[] = \sprintf('%s:%d asks by %s', $path, $number + 1, $what);
                    }
                }
            }
        }

        self::assertGreaterThan(50, $read);
        self::assertSame([], $found);
    }

    #[DataProvider('askers')]
    public function testWhoAsksIsSeen(string $line): void
    {
        $seen = array_filter(self::ASKS_THE_MACHINE, static fn(string $one): bool => 1 === preg_match($one, $line));

        self::assertCount(1, $seen);
    }

    /** @return iterable<string, array{string, string}> */
    public static function sources(): iterable
    {
        foreach (['core', 'app', 'tests'] as $folder) {
            yield $folder => [$folder, '.php'];
        }
        yield 'templates' => ['templates', '.html.twig'];
    }

    /** @return iterable<array{string}> */
    public static function askers(): iterable
    {
        yield ['$day = new \DateTimeImmutable();'];
        yield ["new DateTimeImmutable('+3 days')"];
        yield ["(new \\DateTimeImmutable( 'tomorrow 17:00'))"];
        yield ['$now = time();'];
        yield ["\\date('Y-m-d')"];
        yield ["'INSERT INTO probe (at) VALUES (NOW())'"];
        yield ['DELETE FROM step WHERE at < CURRENT_TIMESTAMP'];
    }

    /** @return array<string, string> */
    private static function patterns(string $ending): array
    {
        return '.php' === $ending ? self::ASKS_THE_MACHINE : ['words' => self::IN_A_TEMPLATE];
    }
}
