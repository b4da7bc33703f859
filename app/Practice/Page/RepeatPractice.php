<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Page;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Solving\SolveJobs;
use FoxCorner\App\Practice\Solving\SolveKind;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Asks for the same hour again in the weeks to come. */
final class RepeatPractice extends AbstractController
{
    private const MOST = 8;

    public function __construct(private readonly SolveJobs $jobs) {}

    #[Route('/{team}/practice/{practice}/repeat', name: 'repeat_practice', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function repeat(Membership $membership, Practice $practice, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $request->getSession()->save();
        try {
            $weeks = (int) OutOfRange::unlessBetween(
                'weeks',
                (float) $request->request->getString('weeks'),
                1,
                self::MOST,
                'weeks',
            );
            $job = $this->jobs->ask(
                $membership->team,
                $membership->account,
                SolveKind::Repeat,
                $practice->id()->toRfc4122(),
                ['weeks' => $weeks],
            );
        } catch (Problem $problem) {
            $this->addFlash('problem', $problem->sentence());

            return $this->redirectToRoute(
                'practices',
                ['team' => $membership->team->address()],
                Response::HTTP_SEE_OTHER,
            );
        }

        return $this->redirectToRoute(
            'solving',
            ['team' => $membership->team->address(), 'job' => $job->id()],
            Response::HTTP_SEE_OTHER,
        );
    }
}
