<?php

declare(strict_types=1);

namespace FoxCorner\App\Calendar;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Shared\SentText;
use FoxCorner\App\Shared\TypedText;
use FoxCorner\App\Undo\OffersUndo;
use FoxCorner\App\Undo\Undo;
use FoxCorner\App\Undo\Watched;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Uuid;

/** Reads bookings and games from a calendar file: first a look, written only when that is confirmed. */
final class ImportCalendar extends AbstractController
{
    use OffersUndo;

    /** Where the browser keeps the zone that it is in, and that somebody has chosen. */
    private const BROWSER = 'zone';
    private const CHOSEN = 'calendar_zone';
    /** Entries of a team that are kept. */
    private const MOST = 3000;

    public function __construct(
        private readonly BookingRepository $bookings,
        private readonly EntityManagerInterface $entities,
        private readonly Undo $undo,
        private readonly ClockInterface $clock,
    ) {}

    #[Route('/{team}/practice/calendar', name: 'import_calendar', methods: ['GET'], priority: 1)]
    public function form(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();

        return $this->shown('', self::known($request, self::CHOSEN) ?? '', null, $request);
    }

    #[Route('/{team}/practice/calendar', name: 'read_calendar', methods: ['POST'], priority: 1)]
    #[IsCsrfTokenValid('change')]
    public function read(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $text = SentText::of($request);
        $zone = $request->request->getString('zone');
        if ('' !== $zone && !\in_array($zone, \DateTimeZone::listIdentifiers(), true)) {
            return $this->shown(
                $text,
                $zone,
                new CalendarReading([], ["“{$zone}” is no time zone. Allowed: one of the list, as in Europe/Berlin."]),
                $request,
            );
        }
        $today = $this->clock->now()->setTime(0, 0);
        $reading = CalendarReader::read(
            $text,
            $today->modify('-14 days'),
            $today->modify('+200 days'),
            new \DateTimeZone('' === $zone ? self::here($request) : $zone),
            '' === $zone,
        );
        if (!$request->request->has('confirm') || [] === $reading->uids) {
            return $this->shown(TypedText::unicode($text), $zone, $reading, $request);
        }
        $answer = $this->keep($membership, $reading);
        $answer->headers->setCookie(
            Cookie::create(
                self::CHOSEN,
                $zone,
                '+1 year',
                secure: $request->isSecure(),
                sameSite: Cookie::SAMESITE_LAX,
            ),
        );

        return $answer;
    }

    private function keep(Membership $membership, CalendarReading $reading): Response
    {
        $team = $membership->team;
        if ($this->bookings->count(['team' => $team]) + \count($reading->events) > self::MOST) {
            $this->addFlash(
                'problem',
                \sprintf('There would be more than %d entries. Take old ones out of the week first.', self::MOST),
            );

            return $this->redirectToRoute('week', ['team' => $team->address()], Response::HTTP_SEE_OTHER);
        }
        $words = \sprintf(
            '%d %s read from a calendar',
            \count($reading->events),
            1 === \count($reading->events) ? 'entry' : 'entries',
        );
        $step = $this->undo->record(
            $team,
            $membership->account,
            $words,
            [Watched::rowsOf('booking', 'team_id', $team->id())],
            function () use ($team, $reading): void {
                foreach ($reading->uids as $uid) {
                    $this->bookings->forget($team, $uid);
                }
                foreach ($reading->events as $event) {
                    $this->entities->persist(Booking::found($team, $event));
                }
            },
        );
        $this->doneOrUndone(ucfirst($words) . '; the calendar has them.', $step);

        return $this->redirectToRoute(
            'week',
            [
                'team' => $team->address(),
                'from' => ($reading->events[0]->startsAt ?? $this->clock->now())->format('Y-m-d'),
            ],
            Response::HTTP_SEE_OTHER,
        );
    }

    /** An entry with all its repetitions. */
    #[Route('/{team}/practice/calendar/{booking}/remove', name: 'remove_booking', methods: ['POST'], priority: 1)]
    #[IsCsrfTokenValid('change')]
    public function remove(Membership $membership, string $booking): Response
    {
        $membership->mustBeAbleToChange();
        $found = Uuid::isValid($booking)
            ? $this->bookings->findOneBy(['team' => $membership->team, 'id' => Uuid::fromString($booking)])
            : null;
        if (null === $found) {
            throw $this->createNotFoundException();
        }
        $from = $found->startsAt->format('Y-m-d');
        $step = $this->undo->record(
            $membership->team,
            $membership->account,
            "“{$found->summary}” taken out of the calendar",
            [Watched::rowsOf('booking', 'team_id', $membership->team->id())],
            fn() => $this->bookings->forget($membership->team, $found->uid),
        );
        $this->doneOrUndone("“{$found->summary}” is out of the calendar, with all its repetitions.", $step);

        return $this->redirectToRoute(
            'week',
            ['team' => $membership->team->address(), 'from' => $from],
            Response::HTTP_SEE_OTHER,
        );
    }

    private function shown(string $text, string $zone, ?CalendarReading $reading, Request $request): Response
    {
        return $this->render(
            'calendar/import.html.twig',
            [
                'text' => $text,
                'zone' => $zone,
                'here' => self::here($request),
                'zones' => \DateTimeZone::listIdentifiers(),
                'reading' => $reading,
            ],
            new Response(
                status: [] === ($reading->problems ?? []) ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY,
            ),
        );
    }

    /** The browser's zone, or the server's where a browser has not said. */
    private static function here(Request $request): string
    {
        return self::known($request, self::BROWSER) ?? date_default_timezone_get();
    }

    private static function known(Request $request, string $cookie): ?string
    {
        $zone = $request->cookies->getString($cookie);

        return \in_array($zone, \DateTimeZone::listIdentifiers(), true) ? $zone : null;
    }
}
