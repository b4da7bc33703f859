<?php

declare(strict_types=1);

namespace FoxCorner\App\Calendar;

use Sabre\VObject\Component;
use Sabre\VObject\Property\ICalendar\DateTime;

/** An event of a calendar with what is said otherwise about single times of it. */
final readonly class EventSeries
{
    /** @param non-empty-list<Component> $parts */
    public function __construct(public string $uid, private array $parts) {}

    public function name(): string
    {
        return mb_strimwidth(CalendarReader::text($this->parts[0], 'SUMMARY'), 0, 60, '…');
    }

    /**
     * @return iterable<FoundEvent> that touch the time asked for and are not called off
     *
     * @throws \InvalidArgumentException a sentence
     * @throws CalendarTooLarge
     */
    public function times(
        \DateTimeImmutable $from,
        \DateTimeImmutable $to,
        \DateTimeZone $zone,
        CalendarBudget $budget,
    ): iterable {
        $otherwise = [];
        foreach ($this->parts as $part) {
            foreach (self::moments($part, 'RECURRENCE-ID', $zone) as $moment) {
                $otherwise[$moment->getTimestamp()] = true;
            }
        }
        foreach ($this->parts as $part) {
            $starts =
                [] === self::moments($part, 'RECURRENCE-ID', $zone)
                    ? self::starts($part, $from, $to, $zone, $budget, $otherwise)
                    : self::moments($part, 'DTSTART', $zone);
            if ('CANCELLED' === strtoupper(CalendarReader::text($part, 'STATUS'))) {
                continue;
            }
            foreach ($starts as $start) {
                $budget->event();
                $event = $this->event($part, $start, $zone);
                if ($event->startsAt < $to && $event->endsAt > $from) {
                    yield $event;
                }
            }
        }
    }

    /**
     * @param array<int, true> $otherwise moments of which another part of the series speaks
     *
     * @return iterable<\DateTimeImmutable>
     */
    private static function starts(
        Component $part,
        \DateTimeImmutable $from,
        \DateTimeImmutable $to,
        \DateTimeZone $zone,
        CalendarBudget $budget,
        array $otherwise,
    ): iterable {
        $first = self::moments($part, 'DTSTART', $zone)[0] ?? throw new \InvalidArgumentException('It has no start');
        $rule = CalendarReader::text($part, 'RRULE');
        foreach (self::moments($part, 'EXDATE', $zone) as $exception) {
            $otherwise[$exception->getTimestamp()] = true;
        }
        // A zone may be as much as fourteen hours from the server's.
        [$near, $far] = [$from->modify('-1 day'), $to->modify('+1 day')];
        foreach ('' === $rule ? [$first] : Repetition::read($rule)->starts($first, $near, $far, $budget) as $start) {
            if (!isset($otherwise[$start->getTimestamp()])) {
                yield $start;
            }
        }
        foreach (self::moments($part, 'RDATE', $zone) as $start) {
            if (!isset($otherwise[$start->getTimestamp()])) {
                yield $start;
            }
        }
    }

    private function event(Component $part, \DateTimeImmutable $start, \DateTimeZone $zone): FoundEvent
    {
        $property = $part->select('DTSTART')[0] ?? null;
        $allDay = $property instanceof DateTime && !$property->hasTime();
        $end = $start->modify(self::length($part, $start, $allDay, $zone));

        return new FoundEvent(
            $this->uid,
            CalendarReader::text($part, 'SUMMARY'),
            CalendarReader::text($part, 'LOCATION'),
            self::wall($allDay ? $start : $start->setTimezone($zone)),
            self::wall($allDay ? $end : $end->setTimezone($zone)),
            $allDay,
            'TRANSPARENT' !== strtoupper(CalendarReader::text($part, 'TRANSP')),
        );
    }

    /** How long it lasts, as something to add. A day counts as a day also when the clocks are changed in it. */
    private static function length(
        Component $part,
        \DateTimeImmutable $start,
        bool $allDay,
        \DateTimeZone $zone,
    ): string {
        $first = self::moments($part, 'DTSTART', $zone)[0] ?? $start;
        $end = self::moments($part, 'DTEND', $zone)[0] ?? null;
        $duration = CalendarReader::text($part, 'DURATION');
        if (null === $end && '' !== $duration) {
            $end = $first->add(new \DateInterval($duration));
        }
        if ($allDay) {
            return \sprintf('+%d days', max(1, null === $end ? 1 : (int) $first->diff($end)->format('%r%a')));
        }

        return \sprintf('+%d seconds', null === $end ? 3600 : max(0, $end->getTimestamp() - $first->getTimestamp()));
    }

    /** @return list<\DateTimeImmutable> */
    private static function moments(Component $part, string $name, \DateTimeZone $zone): array
    {
        $moments = [];
        foreach ($part->select($name) as $property) {
            if ($property instanceof DateTime) {
                array_push(
                    $moments,
                    ...array_map(
                        \DateTimeImmutable::createFromInterface(...),
                        array_values($property->getDateTimes($zone)),
                    ),
                );
            }
        }

        return $moments;
    }

    /** The same hands of the clock, without a zone of its own. */
    private static function wall(\DateTimeImmutable $time): \DateTimeImmutable
    {
        return new \DateTimeImmutable($time->format('Y-m-d H:i:s'));
    }
}
