<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Build;

/** What a practice has besides its players: who helps, what is brought, and which part of the field. */
final readonly class Means
{
    /** @param array<string, int> $equipment pieces by name */
    public function __construct(
        public Helpers $helpers,
        public array $equipment,
        public FieldPart $part = FieldPart::Whole,
    ) {}

    public function isIndoors(): bool
    {
        return FieldPart::Hall === $this->part;
    }
}
