<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use FoxCorner\App\Shared\Csv\RowProblem;
use FoxCorner\Core\People\RosterPlayer;

/** What could be read of a roster file, and what could not. */
final readonly class RosterReading
{
    /**
     * @param list<RosterPlayer> $players
     * @param list<RowProblem>   $problems
     */
    public function __construct(public array $players, public array $problems)
    {
    }
}
