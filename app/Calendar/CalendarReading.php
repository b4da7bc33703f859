<?php

declare(strict_types=1);

namespace FoxCorner\App\Calendar;

/** What was found in a calendar file: every time that something takes place, and what could not be read. */
final readonly class CalendarReading
{
    /**
     * @param list<array{uid: string, summary: string, place: string, startsAt: \DateTimeImmutable, endsAt: \DateTimeImmutable}> $events   by the clock on the field's wall
     * @param list<string>                                                                                                       $problems sentences
     */
    public function __construct(public array $events, public array $problems)
    {
    }
}
