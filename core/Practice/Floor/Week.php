<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Floor;

use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\Value\ButFor;

/** A week of practices as its floors ask: how old the players are, how long and how often they practise, and where. */
final readonly class Week
{
    use ButFor;

    /** @param FloorTable|null $floors null: those of the age */
    public function __construct(
        public AgeGroup $age,
        public int $minutes,
        public int $practices = 2,
        public bool $isIndoors = false,
        private ?FloorTable $floors = null,
    ) {}

    /** The same in a hall, or outside. */
    public function within(bool $isIndoors): self
    {
        return $this->but(isIndoors: $isIndoors);
    }

    public function table(): FloorTable
    {
        return $this->floors ?? FloorTable::of($this->age);
    }
}
