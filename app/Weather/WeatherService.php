<?php

declare(strict_types=1);

namespace FoxCorner\App\Weather;

use FoxCorner\App\Club\Team;

/** The warnings for a team's field. */
interface WeatherService
{
    /** @return array{Notice, \DateTimeImmutable}|null the latest notice and when it came; null: none has */
    public function latest(Team $team): ?array;

    /** Whether what it says is made up. */
    public function isSimulated(): bool;
}
