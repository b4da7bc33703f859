<?php

declare(strict_types=1);

namespace FoxCorner\Core\Game;

use FoxCorner\Core\People\Bats;

/** Where a batter's ground balls mostly go. */
enum Tendency: string
{
    case Pulls = 'pulls';
    case AllFields = 'all';
    case OtherWay = 'other';

    public function label(): string
    {
        return match ($this) {
            self::Pulls => 'Pulls',
            self::AllFields => 'All fields',
            self::OtherWay => 'Other way',
        };
    }

    /** What is ordinary for a kind of batter. */
    public static function of(BatterType $type): self
    {
        return match (true) {
            Bats::Slap === $type->bats() => self::OtherWay,
            $type->hitsForPower() => self::Pulls,
            default => self::AllFields,
        };
    }
}
