<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Live;

use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\OptimisticLockException;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Practice\LockedTurns;
use FoxCorner\App\Practice\Practice;
use FoxCorner\App\Practice\PracticeOrder;
use FoxCorner\App\Practice\PracticeSolver;
use FoxCorner\App\Practice\Setup\SetupCodec;
use FoxCorner\App\Practice\SheetCodec;
use FoxCorner\App\Team\PlayerRepository;
use FoxCorner\Core\InvalidValue;
use FoxCorner\Core\Practice\KeptTurn;
use FoxCorner\Core\Practice\Live\PauseReason;
use FoxCorner\Core\Practice\Live\RunClock;
use Psr\Clock\ClockInterface;
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
        private readonly TurnRecords $records,
        private readonly SheetCodec $codec,
        private readonly SetupCodec $setups,
        private readonly PracticeSolver $solver,
        private readonly PlayerRepository $players,
        private readonly EntityManagerInterface $entities,
        private readonly ClockInterface $clock,
    ) {
    }

    #[Route('/{team}/practice/{practice}/run/turn', name: 'turn_run', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function turn(Membership $membership, Practice $practice, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        try {
            $this->turned($practice, $request);
        } catch (InvalidValue $problem) {
            $this->addFlash('problem', ucfirst($problem->wrong).'. Now: '.$problem->allowed.'.');
        } catch (OptimisticLockException) {
            $this->addFlash('problem', 'Somebody else has turned the clock in the same moment; this is how it stands now.');
        }

        return $this->redirectToRoute('run_practice', ['team' => $membership->team->id(), 'practice' => $practice->id()], Response::HTTP_SEE_OTHER);
    }

    /** Totals, so that a phone may send the same again after a gap in the network. */
    #[Route('/{team}/practice/{practice}/run/count', name: 'count_run', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function count(Membership $membership, Practice $practice, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $said = $request->request;
        [$block, $drill, $player] = [$said->getInt('block', -1), $said->getString('drill'), $said->getString('player')];
        $station = $this->codec->read($practice)->round($block)?->station($drill);
        if (null === $station || !\in_array($player, array_map(static fn($one): string => $one->id, $station->players), true)) {
            return new Response('This player is not at that station in that round. Allowed: who stands on the page of the station.', Response::HTTP_UNPROCESSABLE_ENTITY);
        }
        try {
            $this->records->count($practice, $block, $drill, $player, $said->getInt('counted', -1), '1' === $said->getString('attention'));
        } catch (InvalidValue $problem) {
            return new Response($problem->sentence(), Response::HTTP_UNPROCESSABLE_ENTITY);
        }
        $run = $this->runs->of($practice);
        if (null !== $run) {
            $this->runs->touch($run);
        }

        return new Response(status: Response::HTTP_NO_CONTENT);
    }

    /** Somebody is late or leaves: the rounds that have not begun are solved again, what was done and what runs stays. */
    #[Route('/{team}/practice/{practice}/run/people', name: 'run_people', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function people(Membership $membership, Practice $practice, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $player = $this->players->inTeam($membership->team, $request->request->getString('player')) ?? throw $this->createNotFoundException();
        $player = $player->id()->toRfc4122();
        $comes = array_values(array_unique([...$practice->comes(), $player]));
        try {
            $kept = $this->keptFor($practice, $player, 'away' === $request->request->getString('is'));
            $setup = $this->setups->read($practice);
            $sheet = $this->solver->solve((new PracticeOrder($practice->team, $practice->startsAt(), $practice->minutes(), $comes, $setup))->keeping($kept));
            $practice->comeNow($comes, $this->codec->write($sheet));
            $this->entities->flush();
            $run = $this->runs->of($practice);
            if (null !== $run) {
                $this->runs->touch($run);
            }
            $this->addFlash('done', 'The rounds to come are solved again.');
        } catch (InvalidValue $problem) {
            $this->addFlash('problem', $problem->sentence());
        }

        return $this->redirectToRoute('run_practice', ['team' => $membership->team->id(), 'practice' => $practice->id()], Response::HTTP_SEE_OTHER);
    }

    /**
     * @throws InvalidValue            when the clock cannot be turned like that
     * @throws OptimisticLockException when somebody else has turned it in the same moment
     */
    private function turned(Practice $practice, Request $request): void
    {
        $now = (int) $this->clock->now()->format('Uv');
        $run = $this->runs->of($practice);
        $clock = $run?->clock() ?? RunState::ready($this->codec->read($practice));
        // Two coaches press "next" within a second: the second one meant the block that is over by now.
        if (null !== $run && $request->request->getInt('index') !== $clock->at($now)->index) {
            throw InvalidValue::because('practice', 'the clock had gone on before you pressed', 'as it stands here');
        }
        $turned = $this->asked($clock, $request, $now);
        if (null === $run) {
            $this->entities->persist(new PracticeRun($practice, $turned));
        } else {
            $run->turn($turned);
        }
        $this->entities->flush();
    }

    /** @throws InvalidValue */
    private function asked(RunClock $clock, Request $request, int $now): RunClock
    {
        $do = $request->request->getString('do');

        return match ($do) {
            'start' => $clock->start($now),
            'on' => $clock->goOn($now),
            'next' => $clock->next($now),
            'skip' => $clock->skip($now),
            'longer' => $clock->extend($now, $request->request->getInt('minutes', 2)),
            default => $clock->pause($now, PauseReason::tryFrom($do) ?? throw InvalidValue::notOneOf('what to do', $do, ['start', 'on', 'next', 'skip', 'longer', ...array_column(PauseReason::cases(), 'value')])),
        };
    }

    /** @return list<KeptTurn> */
    private function keptFor(Practice $practice, string $player, bool $isAway): array
    {
        $sheet = $this->codec->read($practice);
        $clock = $this->runs->of($practice)?->clock() ?? RunState::ready($sheet);
        $now = (int) $this->clock->now()->format('Uv');
        $kept = [];
        $round = 0;
        foreach ($sheet->blocks as $index => $block) {
            if (!$block->isRound()) {
                continue;
            }
            if (!$clock->isAhead($index, $now)) {
                array_push($kept, ...LockedTurns::whole($round, $block));
                if (!\in_array($player, $practice->comes(), true)) {
                    $kept[] = new KeptTurn($round, $player, null, null, true);
                }
            } else {
                $away = array_map(static fn($one): string => $one->id, $block->away);
                foreach (array_unique($isAway ? [...$away, $player] : array_diff($away, [$player])) as $one) {
                    $kept[] = new KeptTurn($round, $one, null, null, true);
                }
            }
            ++$round;
        }

        return $kept;
    }
}
