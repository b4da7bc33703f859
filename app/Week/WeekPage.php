<?php

declare(strict_types=1);

namespace FoxCorner\App\Week;

use FoxCorner\App\Calendar\Booking;
use FoxCorner\App\Calendar\BookingRepository;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\PracticeRepository;
use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\Practice\Arm\ThrowLoad;
use FoxCorner\Core\Practice\Need\FloorMet;
use FoxCorner\Core\Practice\Week\FreeTime;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** A week: practices, what else is on the field, where another practice would fit, and what it all costs the arms. */
final class WeekPage extends AbstractController
{
    /** min from midnight between which a practice may be. */
    private const HOURS = [16 * 60, 21 * 60];
    private const MINUTES = 70;

    public function __construct(
        private readonly PracticeRepository $practices,
        private readonly BookingRepository $bookings,
        private readonly WeekLoads $loads,
        private readonly WeekFloors $floors,
        private readonly ClockInterface $clock,
    ) {}

    #[Route('/{team}/practice/week', name: 'week', methods: ['GET'], priority: 1)]
    public function show(Membership $membership, Request $request): Response
    {
        $now = $this->clock->now();
        $monday = self::monday($request->query->getString('from'), $now);
        $end = $monday->modify('+7 days');
        $practices = array_reverse($this->practices->between($membership->team, $monday, $end));
        $bookings = $this->bookings->between($membership->team, $monday, $end);
        $busy = [
            ...array_map(
                static fn(Practice $practice): array => [$practice->startsAt(), $practice->endsAt()],
                $practices,
            ),
            ...Booking::taken($bookings),
        ];
        $from = max($monday, $now);
        $floors = array_filter(
            $this->floors->of($membership->team, $practices, $end),
            static fn(FloorMet $floor): bool => $membership->seesAllOf($floor->player->id),
        );

        return $this->render('week/show.html.twig', [
            'monday' => $monday,
            'now' => $now,
            'days' => array_map(
                static fn(int $day): array => WeekDay::of($monday->modify("+$day days"), $practices, $bookings),
                range(0, 6),
            ),
            'free' => $from < $end
                    ? FreeTime::of($busy, $from, $from->setTime(0, 0)->diff($end)->days, self::MINUTES, self::HOURS)
                    : [],
            'minutes' => self::MINUTES,
            'age' => ($age = AgeGroup::of($membership->team->level())),
            'mostOfWeek' => ThrowLoad::most($age),
            'toCome' => array_values(
                array_filter($practices, static fn(Practice $one): bool => $one->startsAt() > $now),
            ),
            'floors' => array_values($floors),
            'met' => \count(array_filter($floors, static fn(FloorMet $floor): bool => $floor->isMet())),
            'table' => WeekFloors::table(array_values($floors)),
            'loads' => array_filter(
                $this->loads->of($membership->team, $practices),
                static fn(ArmLoad $arm): bool => $membership->seesAllOf($arm->player),
            ),
        ]);
    }

    /** The Monday of a day that is asked for; of this week where none is. */
    public static function monday(string $asked, \DateTimeImmutable $now): \DateTimeImmutable
    {
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $asked);

        return (false === $day ? $now : $day)->modify('monday this week')->setTime(0, 0);
    }
}
