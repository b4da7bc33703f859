<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Live;

use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\OptimisticLockException;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Sheet\SheetCodec;
use FoxCorner\App\Practice\Solving\SolveJobs;
use FoxCorner\App\Practice\Solving\SolveKind;
use FoxCorner\Core\Practice\Live\PauseReason;
use FoxCorner\Core\Practice\Live\RunClock;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Problem\Unknown;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** What coaches do to a practice that runs: turn its clock, count, say who has come or gone. */
final class TurnRun extends AbstractController
{
    public function __construct(
        private readonly RunRepository $runs,
        private readonly RunsNow $now,
        private readonly TurnRecords $records,
        private readonly SheetCodec $codec,
        private readonly SolveJobs $jobs,
        private readonly PlayerRepository $players,
        private readonly EntityManagerInterface $entities,
        private readonly RunTime $time,
    ) {}

    #[Route('/{team}/practice/{practice}/run/turn', name: 'turn_run', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function turn(Membership $membership, Practice $practice, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        try {
            $this->turned($practice, $request);
        } catch (Problem $problem) {
            $this->addFlash('problem', ucfirst($problem->wrong()) . '. Now: ' . $problem->allowed() . '.');
        } catch (OptimisticLockException|UniqueConstraintViolationException) {
            $this->addFlash(
                'problem',
                'Somebody else has turned the clock in the same moment; this is how it stands now.',
            );
        }

        return $this->redirectToRoute(
            'run_practice',
            ['team' => $membership->team->address(), 'practice' => $practice->address()],
            Response::HTTP_SEE_OTHER,
        );
    }

    /** Totals and grades, so that a phone may send the same again after a gap in the network. */
    #[Route('/{team}/practice/{practice}/run/count', name: 'count_run', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function count(Membership $membership, Practice $practice, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $said = $request->request;
        [$block, $drill, $player] = [
            self::whole($said->getString('block')),
            $said->getString('drill'),
            $said->getString('player'),
        ];
        $station = $this->codec->read($practice)->round($block)?->station($drill);
        if (
            null === $station ||
            !\in_array($player, array_map(static fn($one): string => $one->id, $station->players), true)
        ) {
            return new Response(
                'This player is not at that station in that round. Allowed: who stands on the page of the station.',
                Response::HTTP_UNPROCESSABLE_ENTITY,
            );
        }
        try {
            // A grade alone counts nothing.
            if ('' !== $said->getString('counted')) {
                $this->records->count($practice, $block, $drill, $player, self::whole($said->getString('counted')));
            }
            if ('' !== $said->getString('grade')) {
                $this->records->grade($practice, $block, $drill, $player, GradesSaid::one($said->getString('grade')));
            }
        } catch (Problem $problem) {
            return new Response($problem->sentence(), Response::HTTP_UNPROCESSABLE_ENTITY);
        }
        $run = $this->runs->of($practice);
        if (null !== $run) {
            $this->runs->touch($run);
        }

        return new Response(status: Response::HTTP_NO_CONTENT);
    }

    /** -1, which no block and no count is, for anything that is no number. */
    private static function whole(string $typed): int
    {
        return 1 === preg_match('/^\d{1,6}$/', $typed) ? (int) $typed : -1;
    }

    /** Somebody is late or leaves: the rounds that have not begun are solved again. */
    #[Route('/{team}/practice/{practice}/run/people', name: 'run_people', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function people(Membership $membership, Practice $practice, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $player =
            $this->players->inTeam($membership->team, $request->request->getString('player'))?->asRosterPlayer() ??
            throw $this->createNotFoundException();
        $is = 'away' === $request->request->getString('is') ? 'away' : 'here';
        $request->getSession()->save();
        try {
            $job = $this->jobs->ask(
                $membership->team,
                $membership->account,
                SolveKind::People,
                $practice->id()->toRfc4122(),
                [
                    'player' => $player->id,
                    'is' => $is,
                    'words' => \sprintf(
                        '%s %s: %s',
                        $player->name,
                        'away' === $is ? 'is not there' : 'is here',
                        $practice->words(),
                    ),
                ],
            );
        } catch (Problem $problem) {
            $this->addFlash('problem', $problem->sentence());

            return $this->redirectToRoute(
                'run_practice',
                ['team' => $membership->team->address(), 'practice' => $practice->address()],
                Response::HTTP_SEE_OTHER,
            );
        }

        return $this->redirectToRoute(
            'solving',
            ['team' => $membership->team->address(), 'job' => $job->id()],
            Response::HTTP_SEE_OTHER,
        );
    }

    /**
     * @throws Problem                            when the clock cannot be turned like that
     * @throws OptimisticLockException            when somebody else has turned it in the same moment
     * @throws UniqueConstraintViolationException when somebody else has started it in the same moment
     */
    private function turned(Practice $practice, Request $request): void
    {
        $run = $this->now->of($practice);
        $clock = $run?->clock() ?? RunState::ready($this->codec->read($practice));
        $now = $run?->now($this->time) ?? $this->time->wall();
        // Two coaches press "next" within a second: the second one meant the block that is over by now.
        if (
            null !== $run &&
            $clock->isStarted() &&
            $request->request->getString('index') !== (string) $clock->at($now)->index
        ) {
            throw Refused::because('practice', 'the clock had gone on before you pressed', 'as it stands here');
        }
        if ('start' === $request->request->getString('do')) {
            $this->start($practice, $run, $clock);
        } else {
            $turned = $this->asked($clock, $request, $now);
            null === $run
                ? throw new \LogicException('A clock that has not begun refuses all but the start.')
                : $run->turn($turned);
        }
        $this->entities->flush();
    }

    /** @throws Problem when it runs already */
    private function start(Practice $practice, ?PracticeRun $run, RunClock $clock): void
    {
        $started = $clock->start($this->time->wall());
        null === $run
            ? $this->entities->persist(new PracticeRun($practice, $started, $this->time))
            : $run->begin($started, $this->time);
    }

    /** @throws Problem */
    private function asked(RunClock $clock, Request $request, int $now): RunClock
    {
        $do = $request->request->getString('do');

        return match ($do) {
            'on' => $clock->goOn($now),
            'next' => $clock->next($now),
            'back' => $clock->back($now),
            'not-yet' => $clock->notYet(),
            'skip' => $clock->skip($now),
            'longer' => $clock->extend($now, (int) $request->request->getString('minutes', '2')),
            default => $clock->pause(
                $now,
                PauseReason::tryFrom($do) ??
                    throw Unknown::notOneOf('what to do', $do, [
                        'start',
                        'on',
                        'next',
                        'back',
                        'not-yet',
                        'skip',
                        'longer',
                        ...array_column(PauseReason::cases(), 'value'),
                    ]),
            ),
        };
    }
}
