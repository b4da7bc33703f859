<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Position;

/** One way of the ball from the outfield to a base: straight, or over the cutoff man. */
final readonly class WayIn
{
    /**
     * @param float         $released s from contact at which it leaves the outfielder's hand
     * @param float|null    $cutAt    s at which the cutoff man has it; null: nobody cuts it
     * @param float|null    $again    s at which it leaves his
     * @param float         $arrives  s at which it is at the base
     * @param Position|null $cover    who takes it there; null: nobody
     * @param float         $there    s at which he is; INF: never
     * @param float         $caught   chance that all of it is caught and held
     */
    public function __construct(
        public Base $base,
        public float $released,
        public ?float $cutAt,
        public ?float $again,
        public float $arrives,
        public ?Position $cover,
        public float $there,
        public float $caught,
    ) {}

    /** Seconds at which somebody has it there. */
    public function held(): float
    {
        return max($this->arrives, $this->there);
    }

    public function isCut(): bool
    {
        return null !== $this->cutAt;
    }
}
