<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Solving;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Practice\Book\PracticeRepository;
use FoxCorner\App\Shared\Address\ByScript;
use FoxCorner\App\Shared\Json\Fields;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/**
 * Where somebody waits whose practice takes longer to solve than a moment; and where everybody goes from when it is
 * done.
 */
final class SolvePage extends AbstractController
{
    public function __construct(private readonly SolveJobs $jobs, private readonly PracticeRepository $practices) {}

    #[Route('/{team}/practice/solving/{job}', name: 'solving', methods: ['GET'], priority: 1)]
    public function show(Membership $membership, string $job, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $found = $this->jobs->inTeam($membership->team, $job) ?? throw $this->createNotFoundException();
        if (!$found->state()->isOver()) {
            return $this->render('practice/solving.html.twig', [
                'job' => $found,
                'before' => $this->jobs->before($found),
            ]);
        }
        $this->tell($found);
        $to = $this->after($membership, $found);
        if (ByScript::isForPart($request)) {
            return new Response(
                headers: ['HX-Location' => json_encode(['path' => $to, 'target' => 'body'], \JSON_THROW_ON_ERROR)],
            );
        }

        return $this->redirect($to, Response::HTTP_SEE_OTHER);
    }

    #[Route('/{team}/practice/solving/{job}/stop', name: 'stop_solving', methods: ['POST'], priority: 1)]
    #[IsCsrfTokenValid('change')]
    public function stop(Membership $membership, string $job): Response
    {
        $membership->mustBeAbleToChange();
        $found = $this->jobs->inTeam($membership->team, $job) ?? throw $this->createNotFoundException();
        $this->jobs->drop($found);
        $this->addFlash('done', 'Stopped. Nothing was changed.');

        return $this->redirect($this->after($membership, $found), Response::HTTP_SEE_OTHER);
    }

    /** What is found by now is enough. */
    #[Route('/{team}/practice/solving/{job}/take', name: 'take_solving', methods: ['POST'], priority: 1)]
    #[IsCsrfTokenValid('change')]
    public function take(Membership $membership, string $job): Response
    {
        $membership->mustBeAbleToChange();
        $found = $this->jobs->inTeam($membership->team, $job) ?? throw $this->createNotFoundException();
        $this->jobs->takeNow($found);

        return $this->redirectToRoute(
            'solving',
            ['team' => $membership->team->address(), 'job' => $found->id()],
            Response::HTTP_SEE_OTHER,
        );
    }

    private function tell(SolveJob $job): void
    {
        $outcome = $job->outcome();
        if (null !== $outcome?->problem()) {
            $this->addFlash('problem', $outcome->problem()->sentence());
        } elseif (null !== $outcome && '' !== $outcome->done) {
            $this->addFlash(($outcome->figures['taken'] ?? 0.0) > 0 ? 'problem' : 'done', $outcome->done);
            null === $outcome->undo ? null : $this->addFlash('undo', $outcome->undo);
        }
    }

    /** The practice, its run, the form that is to be mended, or the list where there is none of them. */
    private function after(Membership $membership, SolveJob $job): string
    {
        $team = ['team' => $membership->team->address()];
        if (SolveKind::Repeat === $job->kind) {
            return $this->generateUrl('practices', $team);
        }
        if (SolveKind::Week === $job->kind) {
            $from = Fields::parse($job->request)->text('from');

            return $this->generateUrl('week', [...$team, 'from' => $from]);
        }
        $found = $job->outcome()->found ?? '';
        if (SolveKind::BringIn === $job->kind && '' !== $found) {
            return $this->generateUrl('today', ['team' => $found]);
        }
        if (\in_array($job->kind, [SolveKind::Look, SolveKind::BringIn], true)) {
            return $this->generateUrl('read_archive', [...$team, 'job' => $job->id()]);
        }
        $practice = $this->practices->inTeam($membership->team, $job->practice)?->address();
        if (null === $practice) {
            return $this->generateUrl('new_practice', [...$team, 'again' => $job->id()]);
        }
        if (SolveKind::Change === $job->kind && null !== $job->outcome()?->problem()) {
            return $this->generateUrl('edit_practice', [...$team, 'practice' => $practice, 'again' => $job->id()]);
        }

        if (null !== $job->outcome()?->beside) {
            return $this->generateUrl('practice_beside', [...$team, 'practice' => $practice, 'job' => $job->id()]);
        }

        return $this->generateUrl(SolveKind::People === $job->kind ? 'run_practice' : 'practice', [
            ...$team,
            'practice' => $practice,
        ]);
    }
}
