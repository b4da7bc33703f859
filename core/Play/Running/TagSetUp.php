<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Running;

/** How somebody stands at a bag for a throw: what for, and the schools of it. */
enum TagSetUp: string
{
    case Straddle = 'straddle';
    case InFront = 'in-front';
    case Stretch = 'stretch';

    public function label(): string
    {
        return match ($this) {
            self::Straddle => 'Straddle',
            self::InFront => 'In front, inside',
            self::Stretch => 'Stretch',
        };
    }

    public function isForTag(): bool
    {
        return self::Stretch !== $this;
    }

    public function words(): string
    {
        return match ($this) {
            self::Straddle => 'A foot on each side, knees bent, glove low: straight down and up, no sweep. The slide ' .
                'comes to the glove.',
            self::InFront => 'Both feet on the infield side, out of the slide; the throw up the line is nearer, the ' .
                'tag a reach farther.',
            self::Stretch => 'On a force like a first baseman, to the thrower’s side: who straddles does not reach a ' .
                'throw that pulls up the line.',
        };
    }
}
