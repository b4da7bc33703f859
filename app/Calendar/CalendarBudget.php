<?php

declare(strict_types=1);

namespace FoxCorner\App\Calendar;

/** How much work a calendar file may make, all its events together. */
final class CalendarBudget
{
    /** Days that repetitions may go through, about a third of a second; times that something takes place. */
    private const STEPS = 60_000;
    private const EVENTS = 2000;

    private int $steps = self::STEPS;
    private int $events = self::EVENTS;

    /** @throws CalendarTooLarge */
    public function step(): void
    {
        if (--$this->steps < 0) {
            throw new CalendarTooLarge(
                'Laying out its repetitions would take too long. Allowed: rules that begin in the last years; ' .
                    'export only the coming season.',
            );
        }
    }

    /** @throws CalendarTooLarge */
    public function event(): void
    {
        if (--$this->events < 0) {
            throw new CalendarTooLarge(
                \sprintf(
                    'More than %d entries would come of it in the next half year. Allowed: a calendar of games ' .
                        'and bookings.',
                    self::EVENTS,
                ),
            );
        }
    }
}
