<?php

declare(strict_types=1);

namespace FoxCorner\Core\Game;

enum Outs: int
{
    case None = 0;
    case One = 1;
    case Two = 2;

    public function label(): string
    {
        return match ($this) {
            self::None => 'Nobody out',
            self::One => 'One out',
            self::Two => 'Two out',
        };
    }

    /** One more; after two it starts again, as when a coach taps through. */
    public function next(): self
    {
        return self::from(($this->value + 1) % 3);
    }
}
