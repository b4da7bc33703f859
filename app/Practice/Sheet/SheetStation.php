<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Sheet;

/** A station in a round. */
final readonly class SheetStation
{
    /** @param list<SheetPlayer> $players */
    public function __construct(public string $drill, public array $players, public int $repetitions)
    {
    }
}
