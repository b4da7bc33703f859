<?php

declare(strict_types=1);

namespace FoxCorner\Core\Field;

enum Sport: string
{
    case Baseball = 'baseball';
    case Fastpitch = 'fastpitch';
    case Slowpitch = 'slowpitch';

    public function isSoftball(): bool
    {
        return self::Baseball !== $this;
    }

    public function label(): string
    {
        return match ($this) {
            self::Baseball => 'Baseball',
            self::Fastpitch => 'Fastpitch softball',
            self::Slowpitch => 'Slowpitch softball',
        };
    }
}
