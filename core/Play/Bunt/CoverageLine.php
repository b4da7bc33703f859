<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Bunt;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Job;

/** One position's job, on every bunt or only when certain others field it. */
final readonly class CoverageLine
{
    /** @param list<Position> $whenFieldedBy empty: always */
    private function __construct(public Position $who, public Job $job, public array $whenFieldedBy)
    {
    }

    public static function always(Position $who, Job $job): self
    {
        return new self($who, $job, []);
    }

    public static function when(Position $who, Job $job, Position ...$fieldedBy): self
    {
        return new self($who, $job, array_values($fieldedBy));
    }

    public function appliesWhen(Position $fieldedBy): bool
    {
        return [] === $this->whenFieldedBy || \in_array($fieldedBy, $this->whenFieldedBy, true);
    }
}
