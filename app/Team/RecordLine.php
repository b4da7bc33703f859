<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Level\LevelShares;
use FoxCorner\Core\People\Position;

/** What a position makes of its chances: at the level, by the team's own count, and as it is played. */
final readonly class RecordLine
{
    private function __construct(
        public Position $position,
        public int $chances,
        /** Shares of chances, 0 to 1. */
        public float $level,
        public ?float $own,
        public float $played,
        public float $ownWeight,
    ) {}

    /** @return list<self> */
    public static function all(LevelProfile $profile): array
    {
        return array_map(static fn(Position $position): self => self::of($profile, $position), Position::INFIELD);
    }

    private static function of(LevelProfile $profile, Position $position): self
    {
        $record = $profile->record;
        $missed = LevelShares::missedChances($profile->level);
        $chances = $record->chances($position);

        return new self(
            $position,
            $chances,
            1 - $missed,
            $chances > 0 ? $record->outs($position) / $chances : null,
            1 - $missed * $record->hands($position, $missed),
            $record->share($position),
        );
    }
}
