<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Audit;

use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\Play\Check\Finding;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Value\ButFor;

/** The worst case of a fault, and on how many of the balls that were tried it shows. */
final readonly class AuditedFinding
{
    use ButFor;

    /**
     * @param string    $many what was tried, as in "bunts"
     * @param Trial     $on   the ball on which it is worst
     * @param Mend|null $mend that a fielder can do, where one was found
     */
    public function __construct(
        public Finding $worst,
        public int $balls,
        public int $tried,
        public string $many,
        public Trial $on,
        public ?Mend $mend = null,
    ) {}

    /** With the names of those whom it is about. */
    public function named(Lineup $lineup): self
    {
        return $this->but(worst: $this->worst->named($lineup), mend: $this->mend?->named($lineup));
    }

    /** What to do about it, as a sentence. */
    public function mendWords(): string
    {
        return $this->mend->words ?? $this->worst->mend;
    }

    /** Larger is worse: how bad, times how often. */
    public function rank(): float
    {
        return ($this->worst->weight * $this->balls) / $this->tried;
    }
}
