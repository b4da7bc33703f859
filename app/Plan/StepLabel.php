<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

/** A change of the plan as a button names it, without the documents. */
final readonly class StepLabel
{
    public function __construct(
        public string $words,
        public string $by,
        public \DateTimeImmutable $at,
        public bool $undone,
    ) {}
}
