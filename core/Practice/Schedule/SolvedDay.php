<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Schedule;

use FoxCorner\Core\Practice\Need\Taught;

/** A day of practice and what was found for it. */
final readonly class SolvedDay
{
    public function __construct(public ReadyDay $ready, public Schedule $schedule) {}

    /** @return list<Taught> what everybody has when it is over */
    public function taught(): array
    {
        return $this->schedule->taught($this->ready->day->age());
    }
}
