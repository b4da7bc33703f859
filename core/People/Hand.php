<?php

declare(strict_types=1);

namespace FoxCorner\Core\People;

enum Hand: string
{
    case Right = 'R';
    case Left = 'L';

    public function label(): string
    {
        return strtolower($this->name);
    }

    /** −1 when the throwing arm is on third's side as the player faces home, a right-hander; 1 a left-hander. */
    public function armSide(): float
    {
        return self::Left === $this ? 1.0 : -1.0;
    }
}
