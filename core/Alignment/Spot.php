<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment;

use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Alignment\Depth\Placement;
use FoxCorner\Core\Alignment\Depth\Shade;
use FoxCorner\Core\People\Position;

/** One fielder's place before the pitch, the depth it is called by, and why. */
final readonly class Spot
{
    public function __construct(
        public Position $position,
        public Placement $placement,
        public NamedDepth $depth,
        public string $reason,
        public ?NamedDepth $instead,
        /** @var string the rule that decided, by name */
        public string $rule,
        /** @var list<Shade> */
        public array $shades = [],
        public bool $byHand = false,
    ) {}

    /** Everything that speaks for this spot. */
    public function because(): string
    {
        return implode(' ', [
            $this->reason,
            ...array_map(static fn(Shade $shade): string => $shade->reason, $this->shades),
        ]);
    }

    /** Whether it is called the same as another: depth, shade and hand. */
    public function isCalledAs(self $other): bool
    {
        return $this->depth === $other->depth &&
            $this->byHand === $other->byHand &&
            [$this->steps(), $this->halvesIn()] === [$other->steps(), $other->halvesIn()];
    }

    /** Half steps toward home, negative: back. */
    public function halvesIn(): int
    {
        return array_sum(array_map(static fn(Shade $shade): int => $shade->halves, $this->shades));
    }

    /** Steps farther off the bag, negative: closer to it; of an outfielder to the right. */
    public function steps(): int
    {
        return array_sum(array_map(static fn(Shade $shade): int => $shade->steps, $this->shades));
    }
}
