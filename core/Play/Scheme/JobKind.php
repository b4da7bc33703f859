<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Scheme;

/** What a fielder can have to do on a play. The value names the symbol that every drawing and table uses. */
enum JobKind: string
{
    case Field = 'field';
    case Cover = 'cover';
    case Cut = 'cut';
    case Trail = 'trail';
    case BackUp = 'back-up';
    case Hold = 'hold';
    case Follow = 'follow';
    case RelayReady = 'relay-ready';
    case Call = 'call';
    case Converge = 'converge';

    public function label(): string
    {
        return match ($this) {
            self::BackUp => 'Back up',
            self::RelayReady => 'Ready for a relay',
            default => $this->name,
        };
    }
}
