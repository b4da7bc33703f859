<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Need;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Practice\Floor\Work;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Core\Value\ButFor;

/** How much of a skill a position still has to practise, and why. */
final readonly class JobNeed
{
    use ButFor;

    /**
     * @param int                $each   repetitions that one player should have fresh
     * @param int                $people players whose first position it is
     * @param float              $fresh  repetitions that they have, all together
     * @param float              $weight of one repetition
     * @param string             $reason a sentence
     * @param array<string, int> $lacks  repetitions that each of them still wants, by player
     * @param Work|null          $work   what it is counted as, where it has a floor: any skill that is such work, and
     *                                   wherever they work; null: this skill at this position
     */
    public function __construct(
        public Position $position,
        public Skill $skill,
        public int $each,
        public int $people,
        public float $fresh,
        public float $weight,
        public string $reason,
        public array $lacks,
        public ?Work $work = null,
    ) {}

    /** The same, more or less pressing. */
    public function weighing(float $weight): self
    {
        return $this->but(weight: $weight);
    }

    /** "bunts", "the throw on a steal" */
    public function label(): string
    {
        return null === $this->work ? lcfirst($this->skill->label()) : $this->work->label();
    }

    /** Repetitions still wanted of all of them together: what one has too many of helps nobody else. */
    public function reps(): int
    {
        return array_sum($this->lacks);
    }

    public function key(): string
    {
        return $this->position->value . '/' . $this->skill->value;
    }
}
