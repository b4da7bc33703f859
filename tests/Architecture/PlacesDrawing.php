<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Architecture;

use Symfony\Component\Finder\Finder;

/** The kinds of page by the place that they are at, one column each, as their addresses have it. */
final readonly class PlacesDrawing
{
    /** Titles by the beginning of the address below the team: the first that fits. */
    private const PLACES = [
        '~^situations/\{situation\}~' => 'A situation',
        '~^situations~' => 'Situations',
        '~^practice/\{practice\}~' => 'A practice',
        '~^practice~' => 'Practice',
        '~^team~' => 'Team',
        '~^(people|club|shared|post-box|how-we-know)~' => 'Club',
        '~~' => 'Today',
    ];
    /** In the order of a coach's week. */
    private const ORDER = ['Today', 'Team', 'Situations', 'A situation', 'Practice', 'A practice', 'Club'];
    /** What is no page of its own: parts, downloads, what is waited for, old addresses. */
    private const NO_PAGE = '~\.(csv|ics|pdf|zip)$|/(drawing|improve|preview|audit|state|beside/.*|solving/.*)$|\{old~';
    private const COLUMN = 168;
    private const ROW = 30;
    private const TOP = 62;

    /** @param array<string, list<string>> $pages addresses by place */
    private function __construct(private array $pages) {}

    public static function ofTheProject(): self
    {
        $pages = array_fill_keys(self::ORDER, []);
        foreach (
            Finder::create()
                ->files()
                ->name('*.php')
                ->in(\dirname(__DIR__, 2) . '/app')
                ->sortByName() as $file
        ) {
            preg_match('~^#\[Route\(\'/\{team\}/([^\']+)\'\)\]~m', $file->getContents(), $class);
            preg_match_all(
                '~^ +(?:#\[)?Route\(\s*\'([^\']*)\'.*?methods: \[([^\]]*)\]~ms',
                $file->getContents(),
                $found,
                \PREG_SET_ORDER,
            );
            foreach ($found as [, $path, $methods]) {
                $path = ltrim(isset($class[1]) ? "/{team}/$class[1]$path" : $path, '/');
                if (str_contains($methods, 'GET') && str_starts_with("$path/", '{team}/')) {
                    $below = substr("$path", \strlen('{team}/'));
                    if (1 !== preg_match(self::NO_PAGE, "/$below")) {
                        $pages[self::place($below)][] = $below;
                    }
                }
            }
        }

        return new self(
            array_map(static function (array $paths): array {
                sort($paths);

                return array_values(array_unique($paths));
            }, $pages),
        );
    }

    public function count(): int
    {
        return \count(array_merge(...array_values($this->pages)));
    }

    public function svg(): string
    {
        $drawn = '';
        foreach (self::ORDER as $index => $place) {
            $x = 16 + $index * self::COLUMN;
            $drawn .= \sprintf("<text class=\"place\" x=\"%d\" y=\"40\">%s</text>\n", $x, $place);
            foreach ($this->pages[$place] as $row => $path) {
                $y = self::TOP + $row * self::ROW;
                $drawn .= \sprintf('<rect x="%d" y="%d" width="156" height="24" rx="4"/>', $x, $y);
                $drawn .= \sprintf("<text x=\"%d\" y=\"%d\">%s</text>\n", $x + 8, $y + 16, self::words($path));
            }
        }
        $most = max(1, ...array_values(array_map(\count(...), $this->pages)));

        return \sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %d %d" font-family="sans-serif">' .
                '<title>%d kinds of page, by place</title><style>rect{fill:#fbf9f2;stroke:#9aa394}' .
                'text{font-size:11px;fill:#22281f}.place{font-size:16px;font-weight:bold}</style>' .
                "\n%s</svg>\n",
            24 + \count(self::ORDER) * self::COLUMN,
            self::TOP + $most * self::ROW + 12,
            $this->count(),
            $drawn,
        );
    }

    private static function place(string $below): string
    {
        foreach (self::PLACES as $pattern => $place) {
            if (1 === preg_match($pattern, $below)) {
                return $place;
            }
        }

        return self::ORDER[0];
    }

    /** What of an address comes after its place, as words. */
    private static function words(string $below): string
    {
        $below = (string) preg_replace('~<[^>]*>~', '', $below);
        $rest = (string) preg_replace(
            '~^(situations/\{situation\}|practice/\{practice\}|situations|practice|team)/?~',
            '',
            $below,
        );

        return '' === $rest ? 'itself' : strtr($rest, ['{' => '', '}' => '', '/' => ' › ', '-' => ' ']);
    }
}
