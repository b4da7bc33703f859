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
}
