<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Sheet;

use FoxCorner\Core\Practice\Time\BlockKind;

/** A piece of the practice, minutes from its start; stations only in a round. */
final readonly class SheetBlock
{
    /**
     * @param string             $kind     as in {@see BlockKind}
     * @param list<SheetStation> $stations
     * @param list<SheetPlayer>  $waiting
     * @param list<SheetPlayer>  $away     not there yet, or gone
     */
    public function __construct(
        public string $kind,
        public int $start,
        public int $minutes,
        public array $stations = [],
        public array $waiting = [],
        public array $away = [],
    ) {}

    public function isRound(): bool
    {
        return BlockKind::Round->value === $this->kind;
    }

    public function station(string $drill): ?SheetStation
    {
        foreach ($this->stations as $station) {
            if ($station->drill === $drill) {
                return $station;
            }
        }

        return null;
    }
}
