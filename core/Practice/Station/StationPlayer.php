<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Station;

/** A player as the stations see him. */
final readonly class StationPlayer
{
    /**
     * @param list<int> $positions   that he can play
     * @param int|null  $throwsLeft  that his arm may make; null: as many as it takes
     * @param bool      $mayToss     softly, besides
     * @param int|null  $sprintsLeft that his legs may make; null: as many as it takes
     */
    public function __construct(
        public string $id,
        public array $positions,
        public ?int $throwsLeft,
        public bool $mayToss = true,
        public ?int $sprintsLeft = null,
    ) {}

    /** Whether his arm may do what a station asks of it. */
    public function mayThrowAt(Station $station): bool
    {
        return (0 !== $this->throwsLeft || 0 === $station->throwsPerRep) && ($this->mayToss || !$station->tosses);
    }
}
