<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App\Calendar;

/** Calendars as other programs write them. */
trait CalendarsRead
{
    private static function calendar(string $events): string
    {
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\n$events\r\nEND:VCALENDAR\r\n";
    }
}
