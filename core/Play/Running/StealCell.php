<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Running;

use FoxCorner\Core\People\RosterPlayer;

/** One battery against one runner. */
final readonly class StealCell
{
    /**
     * @param float $margin  s by which the tag comes before him; negative: he is safe by that
     * @param float $success chance that he is safe
     */
    public function __construct(
        public RosterPlayer $pitcher,
        public RosterPlayer $catcher,
        public NamedRunner $runner,
        public float $margin,
        public float $success,
    ) {}

    /** Who throws and who catches, by their ids. */
    public function battery(): string
    {
        return "{$this->pitcher->id}+{$this->catcher->id}";
    }

    public function isOut(): bool
    {
        return $this->margin > 0.0;
    }
}
