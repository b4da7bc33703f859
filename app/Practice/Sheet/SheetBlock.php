<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Sheet;

/** A piece of the practice, minutes from its start; stations only in a round. */
final readonly class SheetBlock
{
    /**
     * @param string             $kind     as in {@see \FoxCorner\Core\Practice\BlockKind}
     * @param list<SheetStation> $stations
     * @param list<SheetPlayer>  $waiting
     */
    public function __construct(public string $kind, public int $start, public int $minutes, public array $stations = [], public array $waiting = [])
    {
    }

    public function isRound(): bool
    {
        return [] !== $this->stations || [] !== $this->waiting;
    }
}
