<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Sheet;

/** A station in a round. */
final readonly class SheetStation
{
    /**
     * @param list<SheetPlayer> $players
     * @param list<string>      $helpers names
     */
    public function __construct(
        public string $drill,
        public array $players,
        public int $repetitions,
        public array $helpers = [],
    ) {}
}
