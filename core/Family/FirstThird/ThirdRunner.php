<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\FirstThird;

/** What the runner on third does. */
enum ThirdRunner: string
{
    /** Goes as the throw leaves the hand. */
    case Goes = 'goes';
    /** Waits until it is by the mound, then goes. */
    case Reads = 'reads';
    case Stays = 'stays';

    public function label(): string
    {
        return match ($this) {
            self::Goes => 'Goes with the throw',
            self::Reads => 'Goes when it is by the mound',
            self::Stays => 'Stays',
        };
    }
}
