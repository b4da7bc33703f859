<?php

declare(strict_types=1);

namespace FoxCorner\Core\Game;

/** What a rule can ask of a batter. */
enum BatterTrait: string
{
    case Right = 'right';
    case Left = 'left';
    /** Left-handed, hits on the run. */
    case Slaps = 'slaps';
    case Power = 'power';
    /** Gets to first clearly sooner than the level's ordinary player. */
    case Quick = 'quick';
    /** Has a record of bunting. */
    case Bunts = 'bunts';
    /** Bats first, second or third: bats often, and somebody behind can bring the runner in. */
    case TopOfOrder = 'top';

    public function label(): string
    {
        return match ($this) {
            self::Right => 'right-handed',
            self::Left => 'left-handed',
            self::Slaps => 'a slapper',
            self::Power => 'a power hitter',
            self::Quick => 'quick',
            self::Bunts => 'one who bunts',
            self::TopOfOrder => 'top of the order',
        };
    }
}
