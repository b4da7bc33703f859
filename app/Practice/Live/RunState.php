<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Live;

use FoxCorner\App\Practice\Practice;
use FoxCorner\App\Practice\Sheet\Sheet;
use FoxCorner\App\Practice\Sheet\SheetBlock;
use FoxCorner\Core\Practice\BlockKind;
use FoxCorner\Core\Practice\Live\RunClock;

/** Where a practice is, as every page of its run shows it. */
final readonly class RunState
{
    public int $index;
    /** ms of the block that runs. */
    public int $left;
    public RunClock $clock;
    public int $edition;

    public function __construct(public Practice $practice, public Sheet $sheet, ?PracticeRun $run, public int $now)
    {
        $this->clock = $run?->clock() ?? self::ready($sheet);
        $this->edition = $run?->edition() ?? 0;
        ['index' => $this->index, 'left' => $this->left] = (array) $this->clock->at($now);
    }

    /** A clock that nobody has started. */
    public static function ready(Sheet $sheet): RunClock
    {
        $minutes = array_map(static fn(SheetBlock $block): int => $block->minutes, $sheet->blocks);

        return RunClock::ready([] === $minutes ? throw new \LogicException('A practice has blocks.') : $minutes);
    }

    public function isOver(): bool
    {
        return $this->clock->isOver($this->now);
    }

    public function block(): ?SheetBlock
    {
        return $this->sheet->blocks[$this->index] ?? null;
    }

    /** The round that runs, or the next one while everybody rotates or drinks; its index among the blocks. */
    public function roundIndex(): ?int
    {
        for ($index = $this->index; $index < \count($this->sheet->blocks); ++$index) {
            if ($this->sheet->blocks[$index]->isRound()) {
                return $index;
            }
        }

        return null;
    }

    public function label(int $index): string
    {
        $block = $this->sheet->blocks[$index] ?? null;
        if (null === $block) {
            return 'Done';
        }
        $kind = BlockKind::from($block->kind);

        return BlockKind::Round === $kind ? 'Round '.(1 + \count(array_filter(\array_slice($this->sheet->blocks, 0, $index), static fn(SheetBlock $before): bool => $before->isRound()))) : $kind->label();
    }

    /** @return list<string> of all blocks, and of the end */
    public function labels(): array
    {
        return array_map($this->label(...), range(0, \count($this->sheet->blocks)));
    }

    /** By the clock on the wall. */
    public function endsAt(): string
    {
        $zone = $this->practice->startsAt()->getTimezone();

        return (new \DateTimeImmutable('@'.intdiv($this->clock->endsAt($this->now), 1000)))->setTimezone($zone)->format('H:i');
    }

    /** @return list<array{int, int}> blocks still to come, with the ms until each begins: a phone without a network goes on by them */
    public function ahead(): array
    {
        $ahead = [];
        $until = $this->left;
        for ($index = $this->index + 1; $index <= \count($this->clock->lengths); ++$index) {
            $ahead[] = [$index, $until];
            $until += $this->clock->lengths[$index] ?? 0;
        }

        return $ahead;
    }

    /** @return array<string, mixed> for the phones */
    public function toArray(): array
    {
        return [
            'edition' => $this->edition, 'now' => $this->now, 'runs' => $this->clock->isStarted() && !$this->clock->isPaused() && !$this->isOver(),
            'index' => $this->index, 'left' => $this->left, 'ahead' => $this->ahead(),
        ];
    }
}
