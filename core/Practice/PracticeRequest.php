<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice;

use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\InvalidValue;
use FoxCorner\Core\People\RosterPlayer;

/** What a practice has to work with. */
final readonly class PracticeRequest
{
    /**
     * @param list<RosterPlayer>   $players
     * @param array<string, Drill> $drills
     * @param list<Need>           $needs
     */
    private function __construct(public array $players, public int $helpers, public Diamond $diamond, public TimePlan $time, public array $drills, public array $needs)
    {
    }

    /**
     * @param list<RosterPlayer>   $players who come
     * @param array<string, Drill> $drills
     * @param list<Need>           $needs
     *
     * @throws InvalidValue when nobody comes, nobody helps, or the minutes do not do
     */
    public static function of(array $players, int $helpers, int $minutes, Diamond $diamond, array $drills, array $needs): self
    {
        if ([] === $players) {
            throw InvalidValue::because('who comes', 'nobody is ticked', 'at least one player');
        }
        InvalidValue::unlessBetween('helpers', $helpers, 1, 12, 'coaches and parents, one for each station that runs at the same time');

        return new self($players, $helpers, $diamond, TimePlan::within($minutes), $drills, $needs);
    }
}
