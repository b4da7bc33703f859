<?php

declare(strict_types=1);

namespace FoxCorner\App\Calendar;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Shared\Identified;
use Symfony\Component\Uid\Uuid;

/**
 * Something from a calendar that was read in: a game, or somebody else on the field. One row for each time it takes
 * place.
 */
#[ORM\Entity(repositoryClass: BookingRepository::class)]
#[ORM\UniqueConstraint(columns: ['team_id', 'uid', 'starts_at'])]
class Booking
{
    use Identified;

    public function __construct(
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false)] public readonly Team $team,
        #[ORM\Column(length: 190, options: ['collation' => 'utf8mb4_bin'])] public readonly string $uid,
        #[ORM\Column] public readonly \DateTimeImmutable $startsAt,
        #[ORM\Column] public readonly \DateTimeImmutable $endsAt,
        #[ORM\Column(length: 160)] public readonly string $summary,
        #[ORM\Column(length: 120)] public readonly string $place,
        #[ORM\Column] public readonly bool $allDay = false,
        /** Whether nothing else can be on the field then. */
        #[ORM\Column] public readonly bool $takesField = true,
    ) {
        $this->id = Uuid::v7();
    }

    /** By its words: calendars have no other sign of it. */
    public function isGame(): bool
    {
        return 1 === preg_match('/\b(game|match|scrimmage|double-?header|tournament)s?\b/i', $this->summary);
    }

    /**
     * @param list<self> $bookings
     *
     * @return list<array{\DateTimeImmutable, \DateTimeImmutable}> when the field is taken by some of them, from and
     *                                                             until
     */
    public static function taken(array $bookings): array
    {
        $taken = array_values(array_filter($bookings, static fn(self $booking): bool => $booking->takesField));

        return array_map(static fn(self $booking): array => [$booking->startsAt, $booking->endsAt], $taken);
    }

    public static function found(Team $team, FoundEvent $event): self
    {
        return new self(
            $team,
            $event->uid,
            $event->startsAt,
            $event->endsAt,
            $event->summary,
            $event->place,
            $event->allDay,
            $event->takesField,
        );
    }
}
