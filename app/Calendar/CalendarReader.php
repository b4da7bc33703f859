<?php

declare(strict_types=1);

namespace FoxCorner\App\Calendar;

use Sabre\VObject\Component;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\InvalidDataException;
use Sabre\VObject\ParseException;
use Sabre\VObject\Property;
use Sabre\VObject\Property\ICalendar\DateTime;
use Sabre\VObject\Reader;
use Sabre\VObject\Recur\MaxInstancesExceededException;
use Sabre\VObject\Recur\NoInstancesException;

/** Reads iCalendar files: repeating events, time zones, and whatever else is in them that can be read. */
final class CalendarReader
{
    /** A property's name, parameters, a colon. */
    private const LINE = '~^[A-Za-z0-9-]+(;[^:]*(:[^:]*)*?)?:~';
    private const FOLDED = '~^[ \t]~';
    private const MOST_PROBLEMS = 20;

    /**
     * @param \DateTimeZone $zone of the field: times without a zone are by its clock, others are turned into it
     */
    public static function read(string $text, \DateTimeImmutable $from, \DateTimeImmutable $to, \DateTimeZone $zone): CalendarReading
    {
        $problems = self::brokenLines($text);
        try {
            $calendar = Reader::read(self::withoutBrokenLines($text), Reader::OPTION_FORGIVING | Reader::OPTION_IGNORE_INVALID_LINES);
        } catch (ParseException $broken) {
            return new CalendarReading([], [...$problems, 'This is no calendar file: '.$broken->getMessage().'. Allowed: an .ics file, beginning with BEGIN:VCALENDAR and ending with END:VCALENDAR.']);
        }
        if (!$calendar instanceof VCalendar) {
            return new CalendarReading([], [...$problems, 'This is another kind of file. Allowed: a calendar (.ics).']);
        }
        $events = [];
        foreach (self::byUid($calendar) as $uid => $single) {
            try {
                array_push($events, ...self::occurrences($uid, $single, $from, $to, $zone));
            } catch (InvalidDataException|NoInstancesException|MaxInstancesExceededException|\InvalidArgumentException $bad) {
                $problems[] = \sprintf('“%s” was left out: %s', self::text(self::parts($single, 'VEVENT')[0] ?? $single, 'SUMMARY'), lcfirst(rtrim($bad->getMessage(), '.')).'.');
            }
        }
        usort($events, static fn(array $a, array $b): int => $a['startsAt'] <=> $b['startsAt']);

        return new CalendarReading($events, \array_slice($problems, 0, self::MOST_PROBLEMS));
    }

    /** @return list<string> each naming its line */
    private static function brokenLines(string $text): array
    {
        $problems = [];
        foreach (self::lines($text) as $number => $line) {
            if (self::isBroken($line)) {
                $problems[] = \sprintf('Line %d was left out: “%s” has no name and colon. Allowed: lines like SUMMARY:Game.', $number + 1, mb_strimwidth($line, 0, 40, '…'));
            }
        }

        return $problems;
    }

    private static function withoutBrokenLines(string $text): string
    {
        return implode("\r\n", array_filter(self::lines($text), static fn(string $line): bool => !self::isBroken($line)))."\r\n";
    }

    private static function isBroken(string $line): bool
    {
        return '' !== trim($line) && 1 !== preg_match(self::FOLDED, $line) && 1 !== preg_match(self::LINE, $line);
    }

    /** @return list<string> */
    private static function lines(string $text): array
    {
        return explode("\n", str_replace(["\r\n", "\r", "\u{FEFF}"], ["\n", "\n", ''], $text));
    }

    /** @return array<string, VCalendar> one calendar for each event with its exceptions, so that one that is broken does not take the others along */
    private static function byUid(VCalendar $calendar): array
    {
        $single = [];
        foreach (self::parts($calendar, 'VEVENT') as $index => $event) {
            $uid = self::text($event, 'UID');
            $uid = '' === $uid ? "event-$index" : $uid;
            if (!isset($single[$uid])) {
                $single[$uid] = new VCalendar();
                foreach (self::parts($calendar, 'VTIMEZONE') as $zone) {
                    $single[$uid]->add(clone $zone);
                }
            }
            $copy = clone $event;
            $copy->remove('UID');
            $copy->add('UID', $uid);
            $single[$uid]->add($copy);
        }

        return $single;
    }

    /** @return list<array{uid: string, summary: string, place: string, startsAt: \DateTimeImmutable, endsAt: \DateTimeImmutable}> */
    private static function occurrences(string $uid, VCalendar $single, \DateTimeImmutable $from, \DateTimeImmutable $to, \DateTimeZone $zone): array
    {
        foreach (self::parts($single, 'VEVENT') as $event) {
            if ('' === self::text($event, 'DTSTART')) {
                throw new \InvalidArgumentException('It has no start.');
            }
        }
        $found = [];
        foreach (self::parts($single->expand($from, $to, $zone), 'VEVENT') as $event) {
            $start = $event->select('DTSTART')[0] ?? null;
            if (!$event instanceof VEvent || !$start instanceof DateTime) {
                throw new \InvalidArgumentException('It has no start.');
            }
            $startsAt = $start->getDateTime($zone)->setTimezone($zone);
            $found[] = ['uid' => mb_substr($uid, 0, 190), 'summary' => mb_substr(self::text($event, 'SUMMARY'), 0, 160), 'place' => mb_substr(self::text($event, 'LOCATION'), 0, 120), 'startsAt' => self::wall($startsAt), 'endsAt' => self::wall(self::end($event, $start, $startsAt, $zone))];
        }

        return $found;
    }

    private static function end(VEvent $event, DateTime $start, \DateTimeImmutable $startsAt, \DateTimeZone $zone): \DateTimeImmutable
    {
        $end = $event->select('DTEND')[0] ?? null;
        if ($end instanceof DateTime) {
            return $end->getDateTime($zone)->setTimezone($zone);
        }
        $duration = self::text($event, 'DURATION');

        return '' !== $duration ? $startsAt->add(new \DateInterval($duration)) : $startsAt->modify($start->hasTime() ? '+1 hour' : '+1 day');
    }

    /** The same hands of the clock, without a zone of its own. */
    private static function wall(\DateTimeImmutable $time): \DateTimeImmutable
    {
        return new \DateTimeImmutable($time->format('Y-m-d H:i:s'));
    }

    /** @return list<Component> */
    private static function parts(Component $whole, string $name): array
    {
        $parts = [];
        foreach ($whole->getComponents() as $part) {
            if ($part instanceof Component && $part->name === $name) {
                $parts[] = $part;
            }
        }

        return $parts;
    }

    private static function text(Component $event, string $name): string
    {
        $property = $event->select($name)[0] ?? null;

        return $property instanceof Property ? (string) $property : '';
    }
}
