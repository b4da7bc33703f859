<?php

declare(strict_types=1);

namespace FoxCorner\Core\People;

/** The side a player bats from; a slapper starts running with the swing. */
enum Bats: string
{
    case Right = 'R';
    case Left = 'L';
    case Switch = 'S';
    case Slap = 'SL';

    public function label(): string
    {
        return match ($this) {
            self::Slap => 'left, slaps',
            self::Switch => 'both sides',
            self::Right, self::Left => strtolower($this->name),
        };
    }
}
