<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Book;

use FoxCorner\App\Calendar\Booking;
use FoxCorner\App\Calendar\BookingRepository;
use FoxCorner\App\Club\Team;
use FoxCorner\Core\Practice\Week\FreeTime;

/** What has the field, or the team, at an hour. */
final readonly class TakenField
{
    /** min of a practice whose length nobody has said; days in which a free hour is looked for. */
    private const MINUTES = 70;
    private const DAYS = 21;

    public function __construct(private PracticeRepository $practices, private BookingRepository $bookings) {}

    /** @return string|null what has it, in words; null when it is free */
    public function by(
        Team $team,
        \DateTimeImmutable $start,
        \DateTimeImmutable $end,
        ?Practice $except = null,
    ): ?string {
        foreach ($this->practices->between($team, $start->modify(PracticeRepository::LONGEST), $end) as $practice) {
            if (
                $practice !== $except &&
                !FreeTime::isFree([[$practice->startsAt(), $practice->endsAt()]], $start, $end)
            ) {
                return \sprintf(
                    'the team’s practice from %s to %s',
                    $practice->startsAt()->format('H:i'),
                    $practice->endsAt()->format('H:i'),
                );
            }
        }
        foreach ($this->bookings->between($team, $start, $end) as $booking) {
            if ($booking->takesField) {
                return \sprintf(
                    '“%s” from %s to %s',
                    $booking->summary,
                    $booking->startsAt->format('D H:i'),
                    $booking->endsAt->format('D H:i'),
                );
            }
        }

        return null;
    }

    /** The first evening from tomorrow on at which nothing has the field. */
    public function firstFree(Team $team, \DateTimeImmutable $now, string $hour): \DateTimeImmutable
    {
        $first = $now->modify("tomorrow $hour");
        $last = $first->modify('+' . self::DAYS . ' days');
        $busy = [
            ...array_map(
                static fn(Practice $practice): array => [$practice->startsAt(), $practice->endsAt()],
                $this->practices->between($team, $first->modify('-1 day'), $last),
            ),
            ...Booking::taken($this->bookings->between($team, $first, $last)),
        ];
        for ($day = 0; $day < self::DAYS; ++$day) {
            $start = $first->modify("+$day days");
            if (FreeTime::isFree($busy, $start, $start->modify('+' . self::MINUTES . ' minutes'))) {
                return $start;
            }
        }

        return $first;
    }
}
