<?php

declare(strict_types=1);

namespace FoxCorner\App\Week;

use FoxCorner\App\Calendar\Booking;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\Core\Practice\Week\FreeTime;

/** What is on a day, in order. */
final class WeekDay
{
    /**
     * @param list<Practice> $practices
     * @param list<Booking>  $bookings
     *
     * @return array{
     *     date: \DateTimeImmutable,
     *     entries: list<array{
     *         from: \DateTimeImmutable,
     *         to: \DateTimeImmutable,
     *         words: string,
     *         place: string,
     *         practice: Practice|null,
     *         booking: Booking|null,
     *         clash: bool,
     *     }>,
     * }
     */
    public static function of(\DateTimeImmutable $date, array $practices, array $bookings): array
    {
        $entries = [];
        $taken = Booking::taken($bookings);
        foreach ($practices as $practice) {
            $entries[] = [
                'from' => $practice->startsAt(),
                'to' => $practice->endsAt(),
                'words' => 'Practice',
                'place' => $practice->place(),
                'practice' => $practice,
                'booking' => null,
                'clash' => !FreeTime::isFree($taken, $practice->startsAt(), $practice->endsAt()),
            ];
        }
        foreach ($bookings as $booking) {
            $entries[] = [
                'from' => $booking->startsAt,
                'to' => $booking->endsAt,
                'words' => $booking->summary,
                'place' => $booking->place,
                'practice' => null,
                'booking' => $booking,
                'clash' => false,
            ];
        }
        $next = $date->modify('+1 day');
        $entries = array_values(
            array_filter($entries, static fn(array $entry): bool => $entry['from'] < $next && $entry['to'] > $date),
        );
        usort($entries, static fn(array $a, array $b): int => $a['from'] <=> $b['from']);

        return ['date' => $date, 'entries' => $entries];
    }
}
