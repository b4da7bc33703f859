<?php

declare(strict_types=1);

namespace FoxCorner\App\Calendar;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Membership;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Uuid;

/** Reads bookings and games from a calendar file: first a look, written only when that is confirmed. */
final class ImportCalendar extends AbstractController
{
    /** Bytes of a calendar that we read. */
    private const LARGEST = 1_000_000;

    public function __construct(private readonly BookingRepository $bookings, private readonly EntityManagerInterface $entities, private readonly ClockInterface $clock)
    {
    }

    #[Route('/{team}/practice/calendar', name: 'import_calendar', methods: ['GET'], priority: 1)]
    public function form(Membership $membership): Response
    {
        $membership->mustBeAbleToChange();

        return $this->shown('', date_default_timezone_get(), null);
    }

    #[Route('/{team}/practice/calendar', name: 'read_calendar', methods: ['POST'], priority: 1)]
    #[IsCsrfTokenValid('change')]
    public function read(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $file = $request->files->get('file');
        $text = $file instanceof UploadedFile ? (string) file_get_contents($file->getPathname(), length: self::LARGEST) : $request->request->getString('text');
        $zone = $request->request->getString('zone');
        if (!\in_array($zone, \DateTimeZone::listIdentifiers(), true)) {
            return $this->shown($text, $zone, new CalendarReading([], ["“{$zone}” is no time zone. Allowed: one of the list, as in Europe/Berlin."]));
        }
        $today = $this->clock->now()->setTime(0, 0);
        $reading = CalendarReader::read($text, $today->modify('-14 days'), $today->modify('+200 days'), new \DateTimeZone($zone));
        if (!$request->request->has('confirm') || [] === $reading->events) {
            return $this->shown($text, $zone, $reading);
        }
        $this->entities->wrapInTransaction(function () use ($membership, $reading): void {
            foreach (array_unique(array_column($reading->events, 'uid')) as $uid) {
                $this->bookings->forget($membership->team, $uid);
            }
            foreach ($reading->events as $event) {
                $this->entities->persist(new Booking($membership->team, $event['uid'], $event['startsAt'], $event['endsAt'], $event['summary'], $event['place']));
            }
        });
        $this->addFlash('done', \sprintf('%d entries are in the calendar.', \count($reading->events)));

        return $this->redirectToRoute('week', ['team' => $membership->team->id(), 'from' => $reading->events[0]['startsAt']->format('Y-m-d')], Response::HTTP_SEE_OTHER);
    }

    /** An entry with all its repetitions. */
    #[Route('/{team}/practice/calendar/{booking}/remove', name: 'remove_booking', methods: ['POST'], priority: 1)]
    #[IsCsrfTokenValid('change')]
    public function remove(Membership $membership, string $booking): Response
    {
        $membership->mustBeAbleToChange();
        $found = Uuid::isValid($booking) ? $this->bookings->findOneBy(['team' => $membership->team, 'id' => Uuid::fromString($booking)]) : null;
        if (null === $found) {
            throw $this->createNotFoundException();
        }
        $from = $found->startsAt->format('Y-m-d');
        $this->bookings->forget($membership->team, $found->uid);
        $this->addFlash('done', "“{$found->summary}” is out of the calendar, with all its repetitions.");

        return $this->redirectToRoute('week', ['team' => $membership->team->id(), 'from' => $from], Response::HTTP_SEE_OTHER);
    }

    private function shown(string $text, string $zone, ?CalendarReading $reading): Response
    {
        return $this->render('week/import.html.twig', ['text' => $text, 'zone' => $zone, 'zones' => \DateTimeZone::listIdentifiers(), 'reading' => $reading], new Response(status: [] === ($reading->problems ?? []) ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }
}
