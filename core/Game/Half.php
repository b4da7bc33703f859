<?php

declare(strict_types=1);

namespace FoxCorner\Core\Game;

enum Half: string
{
    case Top = 'top';
    case Bottom = 'bottom';

    public function label(): string
    {
        return $this->name;
    }
}
