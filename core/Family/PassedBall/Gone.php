<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\PassedBall;

use FoxCorner\Core\Play\Scheme\Kind;

/** How far a pitch gets away from the catcher. */
enum Gone: string implements Kind
{
    /** Off his chest protector or glove. */
    case Blocked = 'blocked';
    case Past = 'past';
    /** To the backstop, or off it. */
    case Backstop = 'backstop';

    /** ft from home to where it lies, where the backstop may stand nearest (ours). */
    public function feet(): float
    {
        return match ($this) {
            self::Blocked => 9.0,
            self::Past => 18.0,
            self::Backstop => 27.0,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Blocked => 'Blocked',
            self::Past => 'By him',
            self::Backstop => 'To the backstop',
        };
    }
}
