<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Running;

/** A runner with a name, as a table has him. */
final readonly class NamedRunner
{
    /**
     * @param float|null $time s from home to first, where it was measured
     * @param bool       $goes is known to run
     */
    public function __construct(
        public string $id,
        public string $name,
        public Thief $thief,
        public ?float $time,
        public bool $goes = false,
    ) {}
}
