<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Bunt;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Assignment;
use FoxCorner\Core\Play\Coverage;
use FoxCorner\Core\Play\Job;

/** A bunt coverage as data: who goes for the ball, and a line for every job with the branches it belongs to. */
final readonly class BuntCoverage implements Coverage
{
    /**
     * @param list<Position>     $fielders
     * @param list<CoverageLine> $lines
     */
    public function __construct(
        private string $key,
        private string $name,
        private string $call,
        private string $reason,
        private array $fielders,
        private array $lines,
    ) {
    }

    public function key(): string
    {
        return $this->key;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function call(): string
    {
        return $this->call;
    }

    public function reason(): string
    {
        return $this->reason;
    }

    public function fielders(): array
    {
        return $this->fielders;
    }

    public function assignments(Position $fieldedBy): array
    {
        $assignments = [new Assignment($fieldedBy, Job::field())];
        foreach ($this->lines as $line) {
            if ($line->who !== $fieldedBy && $line->appliesWhen($fieldedBy)) {
                $assignments[] = new Assignment($line->who, $line->job);
            }
        }

        return $assignments;
    }
}
