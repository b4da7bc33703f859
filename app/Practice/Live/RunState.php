<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Live;

use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Sheet\Sheet;
use FoxCorner\App\Practice\Sheet\SheetBlock;
use FoxCorner\App\Shared\Time\Instant;
use FoxCorner\Core\Practice\Live\RunClock;
use FoxCorner\Core\Practice\Time\BlockKind;

/** Where a practice is, as every page of its run shows it. */
final readonly class RunState
{
    /** s before the planned beginning. */
    private const EARLY = 3600;

    public RunClock $clock;

    public function __construct(public Practice $practice, public Sheet $sheet, public RunSignal $signal)
    {
        $this->clock = $signal->clock;
    }

    /** A clock that nobody has started. */
    public static function ready(Sheet $sheet): RunClock
    {
        $minutes = array_map(static fn(SheetBlock $block): int => $block->minutes, $sheet->blocks);

        return RunClock::ready([] === $minutes ? throw new \LogicException('A practice has blocks.') : $minutes);
    }

    public function block(): ?SheetBlock
    {
        return $this->sheet->blocks[$this->signal->index] ?? null;
    }

    /** The round that runs, or the next one while everybody rotates or drinks; its index among the blocks. */
    public function roundIndex(): ?int
    {
        for ($index = $this->signal->index; $index < \count($this->sheet->blocks); ++$index) {
            if ($this->sheet->blocks[$index]->isRound()) {
                return $index;
            }
        }

        return null;
    }

    /** Minutes and seconds of the block that runs; nothing when all is over. */
    public function leftWords(): string
    {
        $seconds = intdiv($this->signal->left, 1000);

        return $this->signal->isOver() ? '' : \sprintf('%d:%02d', intdiv($seconds, 60), $seconds % 60);
    }

    public function label(int $index): string
    {
        $block = $this->sheet->blocks[$index] ?? null;
        if (null === $block) {
            return 'Done';
        }
        $kind = BlockKind::from($block->kind);

        return BlockKind::Round === $kind
            ? 'Round ' .
                    (1 +
                        \count(
                            array_filter(
                                \array_slice($this->sheet->blocks, 0, $index),
                                static fn(SheetBlock $before): bool => $before->isRound(),
                            ),
                        ))
            : $kind->label();
    }

    /** @return list<string> of all blocks, and of the end */
    public function labels(): array
    {
        return array_map($this->label(...), range(0, \count($this->sheet->blocks)));
    }

    /** By the clock on the wall: as planned until it is to begin, then reckoned from now. */
    public function endsAt(): \DateTimeImmutable
    {
        $wall = new \DateTimeImmutable('@' . intdiv($this->signal->wall, 1000));
        $zone = $this->practice->startsAt()->getTimezone();
        if (!$this->clock->isStarted() && $wall <= $this->practice->startsAt()) {
            return $this->practice->endsAt();
        }
        $left = $this->clock->endsAt($this->signal->now) - $this->signal->now;

        return Instant::later($wall->setTimezone($zone), intdiv(max(0, $left), 1000));
    }

    /** Whether whoever starts it now has probably mistaken the practice: it is not to begin within the hour. */
    public function isEarly(): bool
    {
        return !$this->clock->isStarted() &&
            $this->practice->startsAt()->getTimestamp() - intdiv($this->signal->wall, 1000) > self::EARLY;
    }
}
