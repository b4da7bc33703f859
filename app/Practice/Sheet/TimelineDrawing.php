<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Sheet;

use FoxCorner\Core\Practice\Time\BlockKind;

/** The time bar of a practice: where each block and each station goes, in pixels of a fixed width. */
final readonly class TimelineDrawing
{
    public const WIDTH = 1060;
    private const ROW = 44;
    private const TOP = 20;
    private const GAP = 2;

    /**
     * @param list<string> $locks
     * @param int          $width pixels
     * @param int          $row   pixels that a station is high
     */
    public function __construct(
        private Sheet $sheet,
        private \DateTimeImmutable $start,
        private array $locks = [],
        public int $width = self::WIDTH,
        private int $row = self::ROW,
    ) {}

    public function height(): int
    {
        return self::TOP + $this->row * $this->rows();
    }

    /** @return list<array{x: float, at: \DateTimeImmutable, anchor: string}> a mark every ten minutes */
    public function marks(): array
    {
        $marks = [];
        for ($minute = 0; $minute <= $this->minutes(); $minute += 10) {
            $marks[] = [
                'x' => $this->x($minute),
                'at' => $this->start->modify("+$minute minutes"),
                'anchor' => 0 === $minute ? 'start' : ($minute > $this->minutes() - 4 ? 'end' : 'middle'),
            ];
        }

        return $marks;
    }

    /**
     * Blocks that are no rounds.
     *
     * @return list<array{kind: string, words: string, x: float, y: int, width: float, height: int}>
     */
    public function blocks(): array
    {
        return array_map(
            fn(SheetBlock $block): array => [
                'kind' => $block->kind,
                'words' => BlockKind::from($block->kind)->label(),
                ...$this->box($block, 0, $this->rows()),
            ],
            array_values(
                array_filter(
                    $this->sheet->blocks,
                    static fn(SheetBlock $block): bool => !$block->isRound() && 'rotation' !== $block->kind,
                ),
            ),
        );
    }

    /**
     * @return list<array{
     *     drill: string,
     *     reps: int,
     *     players: string,
     *     station: int,
     *     lock: string,
     *     isLocked: bool,
     *     worksOn: list<int>,
     *     x: float,
     *     y: int,
     *     width: float,
     *     height: int,
     * }>
     */
    public function stations(): array
    {
        $boxes = [];
        foreach ($this->sheet->rounds() as $number => $round) {
            foreach ($round->stations as $row => $station) {
                $lock = LockedTurns::key($number, $station->drill);
                $boxes[] = [
                    'drill' => $station->drill,
                    'reps' => $station->repetitions,
                    'players' => implode(
                        ', ',
                        array_map(static fn($player): string => $player->name, $station->players),
                    ),
                    'station' => $this->number($station->drill),
                    'lock' => $lock,
                    'isLocked' => \in_array($lock, $this->locks, true),
                    'worksOn' => $this->worksOn($station),
                    ...$this->box($round, $row, 1),
                ];
            }
        }

        return $boxes;
    }

    /** @return list<int> positions of those who are there and of whom the sheet wants this drill */
    private function worksOn(SheetStation $station): array
    {
        $there = array_map(static fn(SheetPlayer $player): int => $player->position, $station->players);
        $wanted = array_filter(
            $this->sheet->needs,
            static fn(SheetNeed $need): bool => $need->drill === $station->drill &&
                \in_array($need->position, $there, true),
        );

        return array_values(array_unique(array_map(static fn(SheetNeed $need): int => $need->position, $wanted)));
    }

    /** The same number, and so the same colour, for a drill all over the sheet. */
    public function number(string $drill): int
    {
        foreach ($this->sheet->choices as $index => $choice) {
            if ($choice->drill === $drill) {
                return $index + 1;
            }
        }

        return (int) array_search($drill, $this->sheet->drills(), true) + 1;
    }

    private function rows(): int
    {
        return max(
            3,
            ...array_map(static fn(SheetBlock $round): int => \count($round->stations), $this->sheet->rounds()),
        );
    }

    private function minutes(): int
    {
        $last = $this->sheet->blocks[\count($this->sheet->blocks) - 1];

        return $last->start + $last->minutes;
    }

    /** @return array{x: float, y: int, width: float, height: int} */
    private function box(SheetBlock $block, int $row, int $rows): array
    {
        return [
            'x' => $this->x($block->start),
            'y' => self::TOP + $row * $this->row,
            'width' => $this->x($block->minutes) - self::GAP,
            'height' => $rows * $this->row - 2 * self::GAP,
        ];
    }

    private function x(int $minute): float
    {
        return round(($this->width * $minute) / $this->minutes(), 1);
    }
}
