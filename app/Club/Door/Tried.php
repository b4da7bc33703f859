<?php

declare(strict_types=1);

namespace FoxCorner\App\Club\Door;

/** What may be tried a few times in ten minutes by whoever comes. */
enum Tried: string
{
    /** Wrong passwords. */
    case Password = 'password';
    /** Letters with a link for a new password. */
    case Letter = 'letter';

    /** For one e-mail from one network address. */
    public function perAccountAndAddress(): int
    {
        return match ($this) {
            self::Password => 5,
            self::Letter => 3,
        };
    }

    /** From one network address, for whatever e-mail. */
    public function perAddress(): int
    {
        return 25;
    }

    /** For one e-mail, from wherever: so many that nobody can shut a coach out from elsewhere. */
    public function perAccount(): int
    {
        return 100;
    }

    public function tooMany(): string
    {
        return match ($this) {
            self::Password => 'Too many wrong passwords',
            self::Letter => 'Too many letters were asked for',
        };
    }
}
