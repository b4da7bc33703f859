<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Bunt;

use FoxCorner\Core\Alignment\NamedDepth;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Assignment;
use FoxCorner\Core\Play\Coverage;
use FoxCorner\Core\Play\Job;

/** A bunt coverage as data: who fields, and the lines of who does what when somebody has it. */
final readonly class BuntCoverage implements Coverage
{
    /**
     * @param string                 $key      stays the same for ever
     * @param string                 $call     as it is called to the infield
     * @param list<Bases>            $bases    for which runners it is drawn up
     * @param list<Position>         $fielders who go for the ball; empty is a fault that the audit names
     * @param list<CoverageLine>     $lines
     * @param list<Position>         $early    who leave with the pitch
     * @param list<Position>         $reserve  of the fielders, who take it only when the others are clearly too late
     * @param array<int, NamedDepth> $depths   before the pitch, by position number, where it differs from the rules
     * @param string|null            $copyOf   the key of the coverage that a coach copied
     * @param string|null            $copiedAs what that one looked like then, as {@see print} tells it
     */
    public function __construct(
        private string $key,
        private string $name,
        private string $call,
        private string $reason,
        public array $bases,
        private array $fielders,
        public array $lines,
        private array $early = [],
        public array $reserve = [],
        public array $depths = [],
        public ?string $copyOf = null,
        public ?string $copiedAs = null,
    ) {
    }

    /** The same for coverages in which everybody does the same, whatever they are called. */
    public function print(): string
    {
        return hash('xxh128', serialize([$this->fielders, $this->lines, $this->early, $this->reserve, $this->depths]));
    }

    /** Whether the original is no longer what was copied. */
    public function isBehind(self $original): bool
    {
        return $original->key === $this->copyOf && null !== $this->copiedAs && $original->print() !== $this->copiedAs;
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

    public function early(): array
    {
        return $this->early;
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
