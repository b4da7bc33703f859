<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

/** How a ground ball hops. */
enum Hop: string
{
    case True = 'true';
    /** Beaten into the ground in front of the plate: it takes its time. */
    case Chopper = 'chopper';
    /** Off a stone or an edge: it comes up in between. */
    case Bad = 'bad';
    /** True, and misplayed: it lies in front of him, and is picked up. */
    case Bobbled = 'bobbled';

    public function label(): string
    {
        return match ($this) {
            self::True => 'True',
            self::Chopper => 'Chopper',
            self::Bad => 'Bad hop',
            self::Bobbled => 'Bobbled',
        };
    }

    /** As an end of a sentence. */
    public function words(): string
    {
        return match ($this) {
            self::True => '',
            self::Chopper => ', a chopper',
            self::Bad => ', with a bad hop',
            self::Bobbled => ', bobbled',
        };
    }

    /** Of the speed along the ground that the same ball would have hit flat (ours). */
    public function keeps(): float
    {
        return self::Chopper === $this ? 0.6 : 1.0;
    }

    /** How much more often it is misplayed (ours). */
    public function awkward(): float
    {
        return match ($this) {
            self::True, self::Bobbled => 1.0,
            self::Chopper => 1.3,
            self::Bad => 4.0,
        };
    }
}
