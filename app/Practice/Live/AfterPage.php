<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Live;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Sheet\SheetCodec;
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
        private readonly RunsNow $runs,
        private readonly SheetCodec $codec,
        private readonly TurnRecords $records,
        private readonly RunTime $time,
        private readonly ClockInterface $clock,
    ) {}

    #[Route('/{team}/practice/{practice}/after', name: 'after_practice', methods: ['GET'])]
    public function show(Membership $membership, Practice $practice): Response
    {
        $membership->mustBeAbleToChange();

        return $this->page($practice, $this->records->of($practice), GradesSaid::nothing());
    }

    #[Route('/{team}/practice/{practice}/after', name: 'grade_practice', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function grade(Membership $membership, Practice $practice, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $said = GradesSaid::in($request->request);
        [$given, $overtaken] = $this->records->alone(
            $practice,
            fn(Records $now): array => $this->keep($practice, $said, $now),
        );
        if ([] !== $overtaken) {
            return $this->page($practice, $this->records->of($practice), $said, $overtaken);
        }
        $this->addFlash(
            'done',
            \sprintf('Kept: %d %s. They count in what is needed next.', $given, 1 === $given ? 'grade' : 'grades'),
        );

        return $this->redirectToRoute(
            'after_practice',
            ['team' => $membership->team->address(), 'practice' => $practice->address()],
            Response::HTTP_SEE_OTHER,
        );
    }

    /**
     * @return array{int, list<string>} how many grades were given or taken back; whom somebody else has graded since
     *                                  the page was opened
     */
    private function keep(Practice $practice, GradesSaid $said, Records $now): array
    {
        $given = 0;
        $overtaken = [];
        foreach ($this->work($practice) as $drill => $rows) {
            foreach ($rows as $player => $row) {
                if (!$said->changes($drill, $player)) {
                    continue;
                }
                if ($said->was($drill, $player) !== $now->grade($drill, $player)) {
                    $overtaken[] = $row['name'];
                    continue;
                }
                $this->records->grade($practice, $row['block'], $drill, $player, $said->grade($drill, $player));
                ++$given;
            }
        }

        return [$given, array_values(array_unique($overtaken))];
    }

    /** @param list<string> $overtaken */
    private function page(Practice $practice, Records $records, GradesSaid $said, array $overtaken = []): Response
    {
        return $this->render(
            'run/after.html.twig',
            [
                'practice' => $practice,
                'sheet' => $this->codec->read($practice),
                'work' => $this->work($practice),
                'records' => $records,
                'grades' => Grade::cases(),
                'said' => $said,
                'overtaken' => $overtaken,
            ],
            new Response(status: [] === $overtaken ? Response::HTTP_OK : Response::HTTP_CONFLICT),
        );
    }

    /**
     * @return array<string, array<string, array{
     *     name: string,
     *     number: int|string,
     *     planned: int,
     *     counted: int|null,
     *     block: int,
     *     position: int,
     * }>>
     * by drill and player, of the rounds that were done
     */
    private function work(Practice $practice): array
    {
        $run = $this->runs->of($practice);
        $records = $this->records->of($practice);
        $now = $run?->now($this->time) ?? 0;
        $work = [];
        if (null === $run && $practice->startsAt() > $this->clock->now()) {
            return $work;
        }
        foreach ($this->codec->read($practice)->turns() as [$index, $station, $player]) {
            $isDone = null === $run || $run->clock()->isDone($index, $now);
            $counted = $records->at($index, $station->drill, $player->id)?->counted;
            // What somebody has counted was practised, however short the round was cut.
            if (!$isDone && null === $counted) {
                continue;
            }
            $row = $work[$station->drill][$player->id] ?? [
                'name' => $player->name,
                'number' => $player->number,
                'planned' => 0,
                'counted' => null,
                'block' => $index,
                'position' => $player->position,
            ];
            $row['planned'] += $isDone ? $station->repetitions : 0;
            $row['counted'] = null === $counted ? $row['counted'] : $counted + ($row['counted'] ?? 0);
            $work[$station->drill][$player->id] = $row;
        }

        return $work;
    }
}
