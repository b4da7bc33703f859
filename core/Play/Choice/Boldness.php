<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Choice;

/** How bold the other side's runners and coaches are. */
enum Boldness: string
{
    case Cautious = 'cautious';
    case Ordinary = 'ordinary';
    case Bold = 'bold';

    public function label(): string
    {
        return ucfirst($this->value);
    }

    /**
     * How sure a runner wants to be of the next base, where it pays from a share on: the break-even, and so much of
     * what is missing to certainty; fitted to how professionals run (ours).
     */
    public function wants(float $breakEven): float
    {
        return $breakEven +
            (1 - $breakEven) *
                match ($this) {
                    self::Cautious => 0.9,
                    self::Ordinary => 0.65,
                    self::Bold => 0.0,
                };
    }
}
