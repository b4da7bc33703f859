<?php

declare(strict_types=1);

namespace FoxCorner\Core\People;

use FoxCorner\Core\Problem\ValueProblem;

/** A roster from which no nine can take the field. */
final class NoLineup extends ValueProblem
{
    private const FIELD = 'roster';

    /** @param int $count how many there are */
    public static function withOnly(int $count): self
    {
        return new self(
            self::FIELD,
            match ($count) {
                0 => 'there is nobody on it',
                1 => 'there is one player on it',
                default => \sprintf('there are %d players on it', $count),
            },
            'nine players or more, one for each position',
        );
    }

    public static function withNobodyAt(Position $position): self
    {
        return new self(
            self::FIELD,
            \sprintf('nobody is left to play %d, %s', $position->value, strtolower($position->label())),
            'a player for each of the nine positions',
        );
    }
}
