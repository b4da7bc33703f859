<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Map;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Scheme\Trial;

/** One ball of the map: where it is, who has it, what is made of it. */
final readonly class MapSpot
{
    /** Chance from which an out counts as there. */
    public const THERE = 0.5;
    /** Chance from which one relies on it (ours). */
    public const RELIED_ON = 0.8;

    /** @param list<ThrowOption> $options lead base first */
    public function __construct(
        public Point $at,
        public Trial $trial,
        public Position $by,
        public ThrowOption $called,
        public array $options,
    ) {}

    /** How sure it is that it comes so, 0.5 to 1. */
    public function sureness(): float
    {
        return max($this->called->chance, 1 - $this->called->chance);
    }

    /** Whether it may as well come otherwise. */
    public function isThin(): bool
    {
        return $this->sureness() < self::RELIED_ON;
    }

    public function outcome(): MapOutcome
    {
        return match (true) {
            $this->called->chance < self::THERE => MapOutcome::Safe,
            Base::First === $this->called->base => MapOutcome::First,
            default => MapOutcome::Lead,
        };
    }
}
