<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Live;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Practice\Practice;
use FoxCorner\App\Practice\SheetCodec;
use FoxCorner\Core\Practice\Need\Grade;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** After a practice: what was done, and a short grade for each player and drill. Both change what is needed next. */
final class AfterPage extends AbstractController
{
    public function __construct(
        private readonly RunRepository $runs,
        private readonly SheetCodec $codec,
        private readonly TurnRecords $records,
        private readonly ClockInterface $clock,
    ) {
    }

    #[Route('/{team}/practice/{practice}/after', name: 'after_practice', methods: ['GET'])]
    public function show(Membership $membership, Practice $practice): Response
    {

        return $this->render('run/after.html.twig', ['practice' => $practice, 'sheet' => $this->codec->read($practice), 'work' => $this->work($practice), 'records' => $this->records->of($practice), 'grades' => Grade::cases()]);
    }

    #[Route('/{team}/practice/{practice}/after', name: 'grade_practice', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function grade(Membership $membership, Practice $practice, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $said = $request->request->all('grade');
        $given = 0;
        foreach ($this->work($practice) as $drill => $rows) {
            foreach ($rows as $player => $row) {
                $grades = $said[$drill] ?? null;
                $word = \is_array($grades) ? $grades[$player] ?? null : null;
                $grade = \is_string($word) ? Grade::tryFrom($word) : null;
                $this->records->grade($practice, $row['block'], $drill, $player, $grade);
                $given += null === $grade ? 0 : 1;
            }
        }
        $this->addFlash('done', \sprintf('Kept: %d %s. They count in what is needed next.', $given, 1 === $given ? 'grade' : 'grades'));

        return $this->redirectToRoute('after_practice', ['team' => $membership->team->id(), 'practice' => $practice->id()], Response::HTTP_SEE_OTHER);
    }

    /** @return array<string, array<string, array{name: string, number: int, planned: int, counted: int|null, block: int, position: int}>> by drill and player, of the rounds that were done */
    private function work(Practice $practice): array
    {
        $run = $this->runs->of($practice);
        $records = $this->records->of($practice);
        $now = (int) $this->clock->now()->format('Uv');
        $work = [];
        foreach ($this->codec->read($practice)->turns() as [$index, $station, $player]) {
            if (null !== $run && !$run->clock()->isDone($index, $now)) {
                continue;
            }
            $row = $work[$station->drill][$player->id] ?? ['name' => $player->name, 'number' => $player->number, 'planned' => 0, 'counted' => null, 'block' => $index, 'position' => $player->position];
            $row['planned'] += $station->repetitions;
            $counted = $records->at($index, $station->drill, $player->id)?->counted;
            $row['counted'] = null === $counted ? $row['counted'] : $counted + ($row['counted'] ?? 0);
            $work[$station->drill][$player->id] = $row;
        }

        return $work;
    }
}
