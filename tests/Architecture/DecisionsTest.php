<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Architecture;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;

/** The index of decisions has every page under its title, and each page names only what is there. */
final class DecisionsTest extends TestCase
{
    private const ROOT = __DIR__ . '/../..';

    public function testTheIndexHasEveryPageWithItsState(): void
    {
        $index = (string) file_get_contents(self::ROOT . '/docs/decisions/README.md');
        foreach (self::pages() as $file => $page) {
            $title = ltrim(explode("\n", $page)[0], '# ');
            $row = '/^\| \d\d \| \[' . preg_quote($title, '/') . '\]\(' . preg_quote($file, '/') . '\) \| \S.* \|$/m';
            self::assertMatchesRegularExpression($row, $index, "$file is not in the index as \"$title\"");
        }
    }

    public function testAPageNamesFilesThatAreThere(): void
    {
        $gone = [];
        foreach (self::pages() + ['CONTRIBUTING' => self::contributing()] as $file => $page) {
            preg_match_all('#`((?:app|core|tests|bin|docs|templates|assets)/[\w/.-]+)`#', $page, $named);
            foreach ($named[1] as $name) {
                if ([] === glob(self::ROOT . "/$name*")) {
                    $gone[] = "$file: $name";
                }
            }
        }

        self::assertSame([], $gone);
    }

    /** @return array<string, string> by file */
    private static function pages(): array
    {
        $pages = [];
        foreach (
            Finder::create()
                ->files()
                ->in(self::ROOT . '/docs/decisions')
                ->name('/^\d/')
                ->sortByName() as $file
        ) {
            $pages[$file->getFilename()] = $file->getContents();
        }

        return $pages;
    }

    private static function contributing(): string
    {
        return (string) file_get_contents(self::ROOT . '/CONTRIBUTING.md');
    }
}
