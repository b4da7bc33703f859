<?php

declare(strict_types=1);

namespace FoxCorner\App\Calendar;

use Sabre\VObject\Component;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\ParseException;
use Sabre\VObject\Property;
use Sabre\VObject\Reader;

/** Reads iCalendar files: repeating events, time zones, and whatever else is in them that can be read. */
final class CalendarReader
{
    private const MOST_PROBLEMS = 20;

    /**
     * @param \DateTimeZone $zone        of the field: times without a zone are by its clock, others are turned into it
     * @param bool          $fileDecides whether the zone that the file names for itself goes before
     */
    public static function read(
        string $text,
        \DateTimeImmutable $from,
        \DateTimeImmutable $to,
        \DateTimeZone $zone,
        bool $fileDecides = false,
    ): CalendarReading {
        try {
            $lines = CalendarLines::of($text);
        } catch (CalendarTooLarge $large) {
            return new CalendarReading([], [$large->getMessage()]);
        }
        try {
            $calendar = Reader::read($lines->sound(), Reader::OPTION_FORGIVING | Reader::OPTION_IGNORE_INVALID_LINES);
        } catch (ParseException $broken) {
            return new CalendarReading(
                [],
                [
                    ...$lines->problems(),
                    'This is no calendar file: ' .
                    $broken->getMessage() .
                    '. Allowed: an .ics file, beginning with BEGIN:VCALENDAR and ending with END:VCALENDAR.',
                ],
            );
        }
        if (!$calendar instanceof VCalendar) {
            return new CalendarReading(
                [],
                [...$lines->problems(), 'This is another kind of file. Allowed: a calendar (.ics).'],
            );
        }
        $zone = ($fileDecides ? self::zoneOf($calendar) : null) ?? $zone;

        return self::events($calendar, $lines->problems(), $from, $to, $zone);
    }

    /** @param list<string> $problems */
    private static function events(
        VCalendar $calendar,
        array $problems,
        \DateTimeImmutable $from,
        \DateTimeImmutable $to,
        \DateTimeZone $zone,
    ): CalendarReading {
        $budget = new CalendarBudget();
        $events = [];
        $isCalledOff = 'CANCEL' === strtoupper(self::text($calendar, 'METHOD'));
        $series = self::series($calendar);
        $uids = [];
        foreach ($series as $one) {
            try {
                foreach ($isCalledOff ? [] : $one->times($from, $to, $zone, $budget) as $event) {
                    // The same thing at the same moment twice is once.
                    $events[$event->uid . ' ' . $event->startsAt->format('c')] = $event;
                }
                // What cannot be read takes nothing away of what an earlier reading had brought.
                $uids[] = FoundEvent::key($one->uid);
            } catch (CalendarTooLarge $large) {
                return new CalendarReading(
                    [],
                    [...\array_slice($problems, 0, self::MOST_PROBLEMS), $large->getMessage()],
                );
            } catch (\Exception $bad) {
                $problems[] = \sprintf(
                    '“%s” was left out: %s',
                    $one->name(),
                    lcfirst(rtrim($bad->getMessage(), '.')) . '.',
                );
            }
        }
        $events = array_values($events);
        usort(
            $events,
            static fn(FoundEvent $a, FoundEvent $b): int => [$a->startsAt, $a->uid] <=> [$b->startsAt, $b->uid],
        );

        return new CalendarReading($events, \array_slice($problems, 0, self::MOST_PROBLEMS), $uids, $zone->getName());
    }

    /**
     * @return array<string, EventSeries> one for each event with its exceptions, so that one that is broken does not
     *                                    take the others along
     */
    private static function series(VCalendar $calendar): array
    {
        $parts = [];
        foreach ($calendar->getComponents() as $index => $part) {
            if ($part instanceof Component && 'VEVENT' === $part->name) {
                $uid = trim(self::text($part, 'UID'));
                // Not the UID itself: one of digits would become a number.
                $parts['uid ' . ('' === $uid ? "event-$index" : $uid)][] = $part;
            }
        }
        $series = [];
        foreach ($parts as $key => $events) {
            $series[$key] = new EventSeries(substr($key, \strlen('uid ')), $events);
        }

        return $series;
    }

    private static function zoneOf(VCalendar $calendar): ?\DateTimeZone
    {
        $name = self::text($calendar, 'X-WR-TIMEZONE');

        return \in_array($name, \DateTimeZone::listIdentifiers(), true) ? new \DateTimeZone($name) : null;
    }

    public static function text(Component $event, string $name): string
    {
        $property = $event->select($name)[0] ?? null;

        return $property instanceof Property ? (string) $property : '';
    }
}
