<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Live;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\PracticeRepository;
use FoxCorner\App\Practice\Drills\DrillShelf;
use FoxCorner\App\Practice\Sheet\SheetCodec;
use FoxCorner\App\Weather\Notice;
use FoxCorner\App\Weather\WeatherService;
use FoxCorner\Core\Practice\Need\Grade;
use FoxCorner\Core\Practice\Showing\Repetition;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** A practice while it runs, on every phone of the team: the same clock, who is where, a page for each station. */
final class RunPage extends AbstractController
{
    /** s for which a notice is news. */
    private const NEWS = 12 * 3600;

    public function __construct(
        private readonly RunsNow $runs,
        private readonly SheetCodec $codec,
        private readonly TurnRecords $records,
        private readonly WeatherService $weather,
        private readonly PlayerRepository $players,
        private readonly PracticeRepository $practices,
        private readonly RunTime $time,
    ) {}

    #[Route('/{team}/practice/{practice}/run', name: 'run_practice', methods: ['GET'])]
    public function show(Membership $membership, Practice $practice, DrillShelf $shelf): Response
    {
        return $this->render(
            'run/show.html.twig',
            $this->shown($membership, $practice) + ['drills' => $shelf->ever($membership->team)],
        );
    }

    #[Route('/{team}/practice/{practice}/run/station/{drill}', name: 'run_station', methods: ['GET'])]
    public function station(Membership $membership, Practice $practice, string $drill, DrillShelf $shelf): Response
    {
        $found = $shelf->ever($membership->team)[$drill] ?? throw $this->createNotFoundException();

        return $this->render('run/station.html.twig', [
            ...$this->shown($membership, $practice),
            'drill' => $found,
            'repetition' => Repetition::of($found, $membership->team->rules(), $membership->team->profile()),
            'grades' => Grade::cases(),
        ]);
    }

    /** Asked by every phone every second or two: of the practice itself nothing is read. */
    #[Route('/{team}/practice/{practice}/run/state', name: 'run_state', methods: ['GET'])]
    public function state(Membership $membership, string $practice): JsonResponse
    {
        $run = $this->runs->inTeam($membership->team, $practice);
        if (null === $run && !$this->practices->hasOne($membership->team, $practice)) {
            throw $this->createNotFoundException();
        }
        $response = new JsonResponse(
            null === $run
                ? ['edition' => 0, 'now' => $this->time->wall(), 'runs' => false, 'index' => 0]
                : $this->signal($run)->toArray(),
        );
        $response->headers->set('Cache-Control', 'no-store');

        return $response;
    }

    /** @return array<string, mixed> */
    private function shown(Membership $membership, Practice $practice): array
    {
        $sheet = $this->codec->read($practice);
        $run = $this->runs->of($practice);
        $signal =
            null === $run
                ? new RunSignal(RunState::ready($sheet), 0, $this->time->wall(), $this->time->wall())
                : $this->signal($run);

        return [
            'practice' => $practice,
            'state' => new RunState($practice, $sheet, $signal),
            'records' => $this->records->of($practice),
            'weather' => $this->newsOf($membership),
            'isSimulated' => $this->weather->isSimulated(),
            'roster' => $this->players->rosterOf($membership->team),
        ];
    }

    private function signal(PracticeRun $run): RunSignal
    {
        return new RunSignal($run->clock(), $run->edition(), $run->now($this->time), $this->time->wall());
    }

    /** @return array{Notice, \DateTimeImmutable}|null the latest notice, if it is of today */
    private function newsOf(Membership $membership): ?array
    {
        $latest = $this->weather->latest($membership->team);

        return null === $latest || intdiv($this->time->wall(), 1000) - $latest[1]->getTimestamp() > self::NEWS
            ? null
            : $latest;
    }
}
