<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Sheet;

/** A player as printed: shirt number, name, and the position worked at. */
final readonly class SheetPlayer
{
    public function __construct(
        public string $id,
        public int|string $number,
        public string $name,
        public int $position,
    ) {}
}
