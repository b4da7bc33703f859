<?php

declare(strict_types=1);

namespace FoxCorner\App\Calendar;

use FoxCorner\App\Practice\Practice;

/** What is on a day, in order. */
final class WeekDay
{
    /**
     * @param list<Practice> $practices
     * @param list<Booking>  $bookings
     *
     * @return array{date: \DateTimeImmutable, entries: list<array{from: \DateTimeImmutable, to: \DateTimeImmutable, words: string, place: string, practice: Practice|null, booking: Booking|null, clash: bool}>}
     */
    public static function of(\DateTimeImmutable $date, array $practices, array $bookings): array
    {
        $entries = [];
        foreach ($practices as $practice) {
            $entries[] = ['from' => $practice->startsAt(), 'to' => $practice->endsAt(), 'words' => 'Practice', 'place' => $practice->place(), 'practice' => $practice, 'booking' => null, 'clash' => self::clashes($practice, $bookings)];
        }
        foreach ($bookings as $booking) {
            $entries[] = ['from' => $booking->startsAt, 'to' => $booking->endsAt, 'words' => $booking->summary, 'place' => $booking->place, 'practice' => null, 'booking' => $booking, 'clash' => false];
        }
        $next = $date->modify('+1 day');
        $entries = array_values(array_filter($entries, static fn(array $entry): bool => $entry['from'] < $next && $entry['to'] > $date));
        usort($entries, static fn(array $a, array $b): int => $a['from'] <=> $b['from']);

        return ['date' => $date, 'entries' => $entries];
    }

    /** @param list<Booking> $bookings */
    private static function clashes(Practice $practice, array $bookings): bool
    {
        foreach ($bookings as $booking) {
            if ($booking->startsAt < $practice->endsAt() && $booking->endsAt > $practice->startsAt()) {
                return true;
            }
        }

        return false;
    }
}
