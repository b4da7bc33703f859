<?php

declare(strict_types=1);

namespace FoxCorner\Core\Game;

/** What a coach has seen of this batter today, that speaks for a bunt. */
enum Seen: string
{
    case Nothing = 'nothing';
    /** Squared around earlier in this at-bat. */
    case TriedNow = 'at-bat';
    /** Bunted, or tried to, earlier in this game. */
    case TriedBefore = 'game';
    /** Came in off the bench in a place where one bunts. */
    case Substitute = 'substitute';

    public function label(): string
    {
        return match ($this) {
            self::Nothing => 'Nothing',
            self::TriedNow => 'Showed bunt this at-bat',
            self::TriedBefore => 'Tried it this game',
            self::Substitute => 'Sent in off the bench',
        };
    }
}
