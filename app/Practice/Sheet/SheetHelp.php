<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Sheet;

/** A player who is there for the others of a station, and what he does. */
final readonly class SheetHelp
{
    /** @param string $does "runs, with a helmet" */
    public function __construct(
        public string $id,
        public int|string $number,
        public string $name,
        public string $does,
    ) {}
}
