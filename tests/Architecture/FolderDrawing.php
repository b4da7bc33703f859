<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Architecture;

/** Folders as boxes in layers, each above what it imports; what is implied by a longer way is left out. */
final readonly class FolderDrawing
{
    private const WIDTH = 1180;
    private const ROW = 92;
    private const BOX = [118, 34];
    private const MARGIN = 24;

    /** @param array<string, SourceTree> $trees by title */
    public function __construct(private array $trees) {}

    public static function ofTheProject(): self
    {
        $core = SourceTree::core();

        return new self([
            'app/' => SourceTree::app(),
            'core/' => $core,
            'core/Play/' => $core->below('Play'),
            'core/Practice/' => $core->below('Practice'),
        ]);
    }

    public function svg(): string
    {
        $drawn = '';
        $top = self::MARGIN;
        foreach ($this->trees as $title => $tree) {
            $imports = array_map(array_keys(...), $tree->imports());
            $layers = self::layers($imports);
            $drawn .= \sprintf('<text class="tree" x="%d" y="%d">%s</text>', self::MARGIN, $top + 10, $title) . "\n";
            $places = self::places($layers, $top + 24);
            $drawn .= self::lines(self::direct($imports), $places) . self::boxes($places);
            $top += 40 + self::ROW * \count($layers);
        }

        return \sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %d %d" font-family="sans-serif">' .
                '<title>Folders and what they import: lines go down, from who asks to who answers</title>' .
                '<style>rect{fill:#fbf9f2;stroke:#3f4a3c}path{fill:none;stroke:#9aa394}' .
                'text{font-size:14px;text-anchor:middle;fill:#22281f}' .
                '.tree{font-size:18px;font-weight:bold;text-anchor:start}</style>' .
                "\n%s</svg>\n",
            self::WIDTH,
            $top,
            $drawn,
        );
    }

    /**
     * @param array<string, list<string>> $imports
     *
     * @return list<non-empty-list<string>> the top layer, which nobody imports, first
     */
    private static function layers(array $imports): array
    {
        $depth = [];
        $of = static function (string $folder) use (&$of, &$depth, $imports): int {
            /** @var array<string, int> $depth */
            return $depth[$folder] ??= [] === $imports[$folder] ? 0 : 1 + max(array_map($of, $imports[$folder]));
        };
        $layers = [];
        foreach (array_keys($imports) as $folder) {
            $layers[$of($folder)][] = $folder;
        }
        krsort($layers);

        return array_values($layers);
    }

    /**
     * @param array<string, list<string>> $imports
     *
     * @return array<string, list<string>> without those that another import leads to anyway
     */
    private static function direct(array $imports): array
    {
        $reaches = static function (string $from, string $to) use (&$reaches, $imports): bool {
            foreach ($imports[$from] as $one) {
                if ($one === $to || true === $reaches($one, $to)) {
                    return true;
                }
            }

            return false;
        };
        $direct = [];
        foreach ($imports as $folder => $others) {
            $direct[$folder] = array_values(
                array_filter($others, static function (string $other) use ($others, $reaches): bool {
                    foreach ($others as $one) {
                        if ($one !== $other && $reaches($one, $other)) {
                            return false;
                        }
                    }

                    return true;
                }),
            );
        }

        return $direct;
    }

    /**
     * @param list<non-empty-list<string>> $layers
     *
     * @return array<string, array{float, float}> the middle of each box
     */
    private static function places(array $layers, float $top): array
    {
        $places = [];
        foreach ($layers as $row => $folders) {
            foreach ($folders as $index => $folder) {
                $places[$folder] = [
                    (self::WIDTH / \count($folders)) * ($index + 0.5),
                    $top + self::ROW * $row + self::BOX[1] / 2,
                ];
            }
        }

        return $places;
    }

    /**
     * @param array<string, list<string>>        $imports
     * @param array<string, array{float, float}> $places
     */
    private static function lines(array $imports, array $places): string
    {
        $lines = '';
        foreach ($imports as $folder => $others) {
            foreach ($others as $other) {
                [[$x, $y], [$toX, $toY]] = [$places[$folder], $places[$other]];
                $from = $y + self::BOX[1] / 2;
                $to = $toY - self::BOX[1] / 2;
                $middle = ($from + $to) / 2;
                $lines .= \sprintf(
                    "<path d=\"M%.0f %.0fC%1\$.0f %.0f %.0f %3\$.0f %4\$.0f %.0f\"/>\n",
                    $x,
                    $from,
                    $middle,
                    $toX,
                    $to,
                );
            }
        }

        return $lines;
    }

    /** @param array<string, array{float, float}> $places */
    private static function boxes(array $places): string
    {
        $boxes = '';
        foreach ($places as $folder => [$x, $y]) {
            [$width, $height] = self::BOX;
            $boxes .= \sprintf(
                '<rect x="%.0f" y="%.0f" width="%d" height="%d" rx="6"/><text x="%.0f" y="%.0f">%s</text>' . "\n",
                $x - $width / 2,
                $y - $height / 2,
                $width,
                $height,
                $x,
                $y + 5,
                $folder,
            );
        }

        return $boxes;
    }
}
