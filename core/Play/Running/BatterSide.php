<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Running;

use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\Play\Scheme\Branch;

/** On which side the batter stands: it says which middle infielder has the bag, and which one plays. */
enum BatterSide: string
{
    case Right = 'right';
    case Left = 'left';
    /** Right-handed, pulls hard: the shortstop is needed where he stands. */
    case RightPull = 'right-pull';

    public static function of(Batter $batter): self
    {
        return match (true) {
            Bats::Right !== $batter->type->bats() => self::Left,
            $batter->type->hitsForPower() => self::RightPull,
            default => self::Right,
        };
    }

    public function branch(): Branch
    {
        return Branch::when(
            'batter',
            $this->value,
            match ($this) {
                self::Right => 'a right-hander bats',
                self::Left => 'a left-hander bats',
                self::RightPull => 'a right-hander bats who pulls hard',
            },
        );
    }

    /** @return list<Branch> */
    public static function branches(): array
    {
        return array_map(static fn(self $side): Branch => $side->branch(), self::cases());
    }
}
