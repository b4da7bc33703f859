<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Need;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Core\Value\ButFor;

/** Repetitions that a player had at a position in an earlier practice, and how they went. */
final readonly class Taught
{
    use ButFor;

    public function __construct(
        public string $player,
        public string $drill,
        public Position $position,
        public int $reps,
        public float $daysAgo,
        public ?Grade $grade = null,
    ) {}

    /** The same so many days later. */
    public function after(float $days): self
    {
        return $this->but(daysAgo: $this->daysAgo + $days);
    }

    /** How it went. */
    public function graded(?Grade $grade): self
    {
        return $this->but(grade: $grade);
    }

    /** Repetitions that still count for a skill. */
    public function stillCounts(Skill $skill): float
    {
        $halfLife = $skill->memory()->halfLife() * ($this->grade?->keeps() ?? 1.0);

        return $this->reps * ($this->grade?->counts() ?? 1.0) * 0.5 ** ($this->daysAgo / $halfLife);
    }
}
