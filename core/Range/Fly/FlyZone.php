<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range\Fly;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;

/** Ground where balls of one kind fall, or where the same fielders may meet. */
final readonly class FlyZone
{
    /**
     * @param list<Position> $positions who may meet there, or between whom it lies
     * @param int            $spots     of the grid
     * @param float          $share     of all spots that balls of this kind come down on
     */
    public function __construct(
        public array $positions,
        public int $spots,
        public float $share,
        public Point $middle,
    ) {}

    /** "6, 7 and 8" */
    public function who(): string
    {
        $numbers = array_map(static fn(Position $position): int => $position->value, $this->positions);
        $last = array_pop($numbers);

        return [] === $numbers ? (string) $last : implode(', ', $numbers) . ' and ' . $last;
    }

    public function caller(): Position
    {
        return FlyPriority::of(
            [] === $this->positions ? throw new \LogicException('A zone lies between somebody.') : $this->positions,
        );
    }
}
