<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill;

/** Who or what fills a place at a station that its own group does not: most often to take the throws. */
enum Receiver: string
{
    case Net = 'net';
    case Helper = 'helper';
    case Player = 'player';
    /** A helper at a position without which the drill is another one. */
    case StandIn = 'stand-in';

    /** Who can take throws, the least costly first. */
    public const TAKES_THROWS = [self::Net, self::Helper, self::Player];

    /** The piece that a net is among the equipment. */
    public const PIECE = 'net';

    public function words(): string
    {
        return match ($this) {
            self::Net => 'throws into a net',
            self::Helper => 'a helper receives',
            self::Player => 'one of them receives, in turn',
            self::StandIn => 'a helper stands in',
        };
    }

    /** Helpers that it takes beside those of the drill. */
    public function helpers(): int
    {
        return self::Helper === $this || self::StandIn === $this ? 1 : 0;
    }

    /** @return array<string, int> pieces that it takes */
    public function pieces(): array
    {
        return self::Net === $this ? [self::PIECE => 1] : [];
    }
}
