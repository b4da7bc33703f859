<?php

declare(strict_types=1);

namespace FoxCorner\App\Weather;

/** What a weather service would send. */
enum Notice: string
{
    case Clear = 'clear';
    case Lightning = 'lightning';
    case Heat = 'heat';

    public function label(): string
    {
        return $this->name;
    }
}
