<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Live;

use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\OptimisticLockException;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Practice\Drills\DrillShelf;
use FoxCorner\App\Practice\Practice;
use FoxCorner\App\Practice\SheetCodec;
use FoxCorner\App\Team\PlayerRepository;
use FoxCorner\App\Weather\Notice;
use FoxCorner\App\Weather\WeatherService;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** A practice while it runs, on every phone of the team: the same clock, who is where, a page for each station. */
final class RunPage extends AbstractController
{
    public function __construct(
        private readonly RunRepository $runs,
        private readonly SheetCodec $codec,
        private readonly TurnRecords $records,
        private readonly WeatherService $weather,
        private readonly PlayerRepository $players,
        private readonly EntityManagerInterface $entities,
        private readonly ClockInterface $clock,
    ) {
    }

    #[Route('/{team}/practice/{practice}/run', name: 'run_practice', methods: ['GET'])]
    public function show(Membership $membership, Practice $practice, DrillShelf $shelf): Response
    {
        return $this->render('run/show.html.twig', $this->shown($membership, $practice) + ['drills' => $shelf->ever($membership->team)]);
    }

    #[Route('/{team}/practice/{practice}/run/station/{drill}', name: 'run_station', methods: ['GET'])]
    public function station(Membership $membership, Practice $practice, string $drill, DrillShelf $shelf): Response
    {
        $found = $shelf->ever($membership->team)[$drill] ?? throw $this->createNotFoundException();

        return $this->render('run/station.html.twig', $this->shown($membership, $practice) + ['drill' => $found]);
    }

    /** Asked by every phone every second or two. */
    #[Route('/{team}/practice/{practice}/run/state', name: 'run_state', methods: ['GET'])]
    public function state(Membership $membership, Practice $practice): JsonResponse
    {
        $response = new JsonResponse($this->signal($practice)->toArray());
        $response->headers->set('Cache-Control', 'no-store');

        return $response;
    }

    /** @return array<string, mixed> */
    private function shown(Membership $membership, Practice $practice): array
    {


        return [
            'practice' => $practice, 'state' => new RunState($practice, $this->codec->read($practice), $this->signal($practice)), 'records' => $this->records->of($practice),
            'weather' => $this->weather->latest($membership->team), 'isSimulated' => $this->weather->isSimulated(), 'roster' => $this->players->rosterOf($membership->team),
        ];
    }

    /** The sheet is read only before the start: forty phones ask. */
    private function signal(Practice $practice): RunSignal
    {
        $run = $this->heeded($practice);
        $now = (int) $this->clock->now()->format('Uv');

        return new RunSignal($run?->clock() ?? RunState::ready($this->codec->read($practice)), $run?->edition() ?? 0, $now);
    }

    /** The run, stopped by now if there is lightning. */
    private function heeded(Practice $practice): ?PracticeRun
    {
        $run = $this->runs->of($practice);
        $notice = null === $run ? null : $this->weather->latest($practice->team);
        if (null !== $run && null !== $notice && Notice::Lightning === $notice[0]) {
            $run->heed((int) $notice[1]->format('Uv'), (int) $this->clock->now()->format('Uv'));
            try {
                $this->entities->flush();
            } catch (OptimisticLockException) {
                // Another phone has stopped the clock in the same moment; the next look shows it.
            }
        }

        return $run;
    }
}
