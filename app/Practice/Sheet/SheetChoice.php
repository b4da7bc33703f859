<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Sheet;

/** A drill that was to be had as a station. */
final readonly class SheetChoice
{
    /**
     * @param string                   $name      as it was called then
     * @param array{float, float}|null $shift     ft from where it belongs; null when it is not set up
     * @param string                   $hindrance why it could not be run, as the end of a sentence; empty when it could
     * @param int|null                 $step      of its progression, 0 the first; null: nobody said
     */
    public function __construct(
        public string $drill,
        public string $name,
        public ?array $shift,
        public string $hindrance = '',
        public ?int $step = null,
    ) {}
}
