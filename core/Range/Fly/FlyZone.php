<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range\Fly;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;

/** Ground where balls of one kind fall, or where the same fielders may meet. */
final readonly class FlyZone
{
    /** Degrees from straight away to which it is center; from where on it is behind a corner. */
    private const STRAIGHT = 7.0;
    private const LINE = 25.0;
    /** ft to the fence within which somebody must say how much room there is (ours). */
    private const AT_FENCE = 15.0;

    /**
     * @param list<Position> $positions who may meet there, or between whom it lies
     * @param int            $spots     of the grid
     * @param float          $share     of all spots that balls of this kind come down on
     * @param float          $shortest  s that such a ball is in the air at least
     * @param float          $longest   s at most
     * @param float          $fence     ft from its nearest spot to the fence
     */
    public function __construct(
        public array $positions,
        public int $spots,
        public float $share,
        public Point $middle,
        public float $shortest = 0.0,
        public float $longest = 0.0,
        public float $fence = \INF,
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

    /** Whoever may be there and leaves it to the one who calls. */
    public function yields(): string
    {
        $caller = $this->caller();
        $others = array_values(
            array_filter($this->positions, static fn(Position $position): bool => $position !== $caller),
        );

        return implode(' and ', array_map(static fn(Position $position): string => (string) $position->value, $others));
    }

    /** "left-center gap", "short right": what the ground is called. */
    public function name(): string
    {
        $degrees = $this->middle->sprayDegrees();
        $side = match (true) {
            $degrees < -self::STRAIGHT => 'left',
            $degrees > self::STRAIGHT => 'right',
            default => 'center',
        };
        $outfield = \count(
            array_filter(
                $this->positions,
                static fn(Position $position): bool => \in_array($position, Position::OUTFIELD, true),
            ),
        );

        return match (true) {
            \count($this->positions) === $outfield => 'center' === $side ? 'center' : "$side-center gap",
            $outfield > 0 => "short $side",
            abs($degrees) > self::LINE => 'behind ' . ($degrees < 0.0 ? 'third' : 'first'),
            \in_array(Position::Pitcher, $this->positions, true) => 'around the mound',
            default => 'up the middle',
        };
    }

    /** Whether the fence is within a few strides of whoever runs there. */
    public function isAtFence(): bool
    {
        return $this->fence < self::AT_FENCE;
    }
}
