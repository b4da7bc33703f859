<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Scheme;

use FoxCorner\Core\People\Position;

/** One position's job, always or only in certain branches of the play. */
final readonly class CoverageLine
{
    /** @param list<Branch> $when any of them; empty: always */
    private function __construct(public Position $who, public Job $job, public array $when) {}

    public static function always(Position $who, Job $job): self
    {
        return new self($who, $job, []);
    }

    public static function in(Position $who, Job $job, Branch ...$when): self
    {
        return new self($who, $job, array_values($when));
    }

    /** The line of a job that somebody has when one of certain others fields the ball. */
    public static function when(Position $who, Job $job, Position ...$fieldedBy): self
    {
        return self::in($who, $job, ...array_map(Branch::fieldedBy(...), $fieldedBy));
    }

    public function appliesIn(Branch $branch): bool
    {
        foreach ($this->when as $one) {
            if ($one->holdsIn($branch)) {
                return true;
            }
        }

        return [] === $this->when;
    }
}
