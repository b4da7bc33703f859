<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Scheme;

use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\People\Position;

/** How a defence answers one kind of play, as data: who goes for the ball, and who does what in which branch. */
final readonly class Coverage
{
    /**
     * @param string                 $key      stays the same for ever; used in addresses and files
     * @param string                 $call     as it is called to the infield
     * @param string                 $reason   why a coach would choose it, and what it gives up
     * @param list<Bases>            $bases    for which runners it is drawn up
     * @param list<Position>         $fielders who go for the ball; empty is a fault that the audit names
     * @param list<CoverageLine>     $lines
     * @param list<Position>         $early    who leave with the pitch
     * @param list<Position>         $reserve  of the fielders, who take it only when the others are clearly too late
     * @param array<int, NamedDepth> $depths   before the pitch, by position number, where it differs from the rules
     * @param string|null            $copyOf   the key of the coverage that a coach copied
     * @param string|null            $copiedAs what that one looked like then, as {@see CoveragePrint} tells it
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $call,
        public string $reason,
        public array $bases,
        public array $fielders,
        public array $lines,
        public array $early = [],
        public array $reserve = [],
        public array $depths = [],
        public ?string $copyOf = null,
        public ?string $copiedAs = null,
    ) {}

    /**
     * What everybody does in a branch; whoever fields the ball does nothing else.
     *
     * A faulty coverage may give a position no job, or two: the audit finds that.
     *
     * @return array<int, non-empty-list<Job>> by position number
     */
    public function jobs(Branch $branch): array
    {
        $jobs = null === $branch->fieldedBy ? [] : [$branch->fieldedBy->value => [Job::field()]];
        foreach ($this->lines as $line) {
            if ($line->who !== $branch->fieldedBy && $line->appliesIn($branch)) {
                $jobs[$line->who->value][] = $line->job;
            }
        }

        return $jobs;
    }

    /** Whether the original is no longer what was copied. */
    public function isBehind(self $original): bool
    {
        return $original->key === $this->copyOf &&
            null !== $this->copiedAs &&
            CoveragePrint::of($original) !== $this->copiedAs;
    }
}
