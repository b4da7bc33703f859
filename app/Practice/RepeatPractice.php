<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Calendar\Booking;
use FoxCorner\App\Calendar\BookingRepository;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Practice\Setup\SetupCodec;
use FoxCorner\Core\InvalidValue;
use FoxCorner\Core\Practice\Week\FreeTime;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** The same hour again in the weeks to come, each solved for what will be needed then. */
final class RepeatPractice extends AbstractController
{
    private const MOST = 8;

    public function __construct(
        private readonly PracticeRepository $practices,
        private readonly PracticeSolver $solver,
        private readonly SheetCodec $codec,
        private readonly SetupCodec $setups,
        private readonly BookingRepository $bookings,
        private readonly EntityManagerInterface $entities,
    ) {
    }

    #[Route('/{team}/practice/{practice}/repeat', name: 'repeat_practice', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function repeat(Membership $membership, Practice $practice, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        try {
            $weeks = (int) InvalidValue::unlessBetween('weeks', $request->request->getInt('weeks'), 1, self::MOST, 'weeks');
            $taken = $this->into($membership, $practice, $weeks);
            $this->addFlash([] === $taken ? 'done' : 'problem', \sprintf('%d more practices are made.', $weeks - \count($taken)).([] === $taken ? '' : ' The field is taken on '.implode(', ', $taken).'.'));
        } catch (InvalidValue $problem) {
            $this->addFlash('problem', $problem->sentence());
        }

        return $this->redirectToRoute('practices', ['team' => $membership->team->id()], Response::HTTP_SEE_OTHER);
    }

    /**
     * @return list<string> days on which the field is taken, or we practise already
     *
     * @throws InvalidValue
     */
    private function into(Membership $membership, Practice $practice, int $weeks): array
    {
        $taken = [];
        $setup = $this->setups->read($practice);
        for ($week = 1; $week <= $weeks; ++$week) {
            $draft = PracticeDraft::of($practice, $setup);
            $start = $practice->startsAt()->modify("+$week weeks");
            $end = $practice->endsAt()->modify("+$week weeks");
            $busy = [
                ...array_map(static fn(Booking $booking): array => [$booking->startsAt, $booking->endsAt], $this->bookings->between($membership->team, $start, $end)),
                ...array_map(static fn(Practice $other): array => [$other->startsAt(), $other->endsAt()], $this->practices->of($membership->team)),
            ];
            if (!FreeTime::isFree($busy, $start, $end)) {
                $taken[] = $start->format('j M');
                continue;
            }
            $draft->startsAt = $start;
            // Stations are chosen anew: what is fresh by then is needed less.
            $fresh = $draft->setup();
            $sheet = $this->solver->solve(new PracticeOrder($membership->team, $start, $practice->minutes(), $practice->comes(), $fresh));
            $this->entities->persist(new Practice($membership->team, $draft, $this->setups->write($fresh), $this->codec->write($sheet)));
            $this->entities->flush();
        }

        return $taken;
    }
}
