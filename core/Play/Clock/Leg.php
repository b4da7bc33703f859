<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Play\Ball\Possession;
use FoxCorner\Core\Play\Choice\ThrowOption;

/** A piece of a play: somebody has the ball, and what of all that he could do with it he does. */
final readonly class Leg
{
    /**
     * @param non-empty-list<ThrowOption> $options lead base first, first base last
     * @param Stop|null                   $cut     who takes it on its way there; null: nobody
     */
    public function __construct(
        public Possession $from,
        public array $options,
        public ThrowOption $made,
        public ?Stop $cut = null,
    ) {}

    /** Whether he who has it takes the bag himself. */
    public function isCarried(): bool
    {
        return $this->made->cover === $this->from->by->position;
    }

    /** Whoever is thrown at, when everybody goes for the next base: "Batter", "R1". */
    public function runner(): string
    {
        return Base::First === $this->made->base ? 'Batter' : 'R' . ($this->made->base->value - 1);
    }
}
