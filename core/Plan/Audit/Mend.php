<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Audit;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Value\ButFor;

/** A fielder who starts somewhere else, after which a fault is gone: tried, not guessed. */
final readonly class Mend
{
    use ButFor;

    public function __construct(public Position $position, public Point $to, public string $words) {}

    /** With the names of those whom it is about. */
    public function named(Lineup $lineup): self
    {
        return $this->but(words: $lineup->named($this->words));
    }
}
