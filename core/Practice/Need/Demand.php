<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Need;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Skill\Skill;

/** That the plan, or the game itself, asks a skill of a position. */
final readonly class Demand
{
    /**
     * @param float  $priority 0 to 1: how often it is asked where it is asked most
     * @param float  $urgent   added to the weight for what was found wrong with it
     * @param string $reason   a sentence without its stop
     */
    public function __construct(
        public Position $position,
        public Skill $skill,
        public float $priority,
        public float $urgent,
        public string $reason,
    ) {}

    public function key(): string
    {
        return $this->position->value . '/' . $this->skill->value;
    }

    public function weighsMoreThan(?self $other): bool
    {
        return null === $other || $this->priority + $this->urgent > $other->priority + $other->urgent;
    }
}
