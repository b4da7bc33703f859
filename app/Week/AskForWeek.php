<?php

declare(strict_types=1);

namespace FoxCorner\App\Week;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\PracticeRepository;
use FoxCorner\App\Practice\Solving\SolveJobs;
use FoxCorner\App\Practice\Solving\SolveKind;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Asks for the practices of a week to be solved together. */
final class AskForWeek extends AbstractController
{
    public function __construct(
        private readonly PracticeRepository $practices,
        private readonly SolveJobs $jobs,
        private readonly ClockInterface $clock,
    ) {}

    #[Route('/{team}/practice/week', name: 'solve_week', methods: ['POST'], priority: 1)]
    #[IsCsrfTokenValid('change')]
    public function ask(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $now = $this->clock->now();
        $monday = WeekPage::monday($request->request->getString('from'), $now);
        $team = ['team' => $membership->team->address()];
        $practices = array_filter(
            $this->practices->between($membership->team, $monday, $monday->modify('+7 days')),
            static fn(Practice $practice): bool => $practice->startsAt() > $now,
        );
        $request->getSession()->save();
        try {
            $job = $this->jobs->ask(
                $membership->team,
                $membership->account,
                SolveKind::Week,
                ([] === $practices
                    ? throw Refused::because('week', 'no practice of it is to come', 'a week with a practice to come')
                    : $practices[array_key_last($practices)]
                )
                    ->id()
                    ->toRfc4122(),
                [
                    'from' => $monday->format('Y-m-d'),
                    'practices' => array_map(
                        static fn(Practice $one): array => [
                            'id' => $one->id()->toRfc4122(),
                            'version' => $one->version(),
                        ],
                        array_reverse(array_values($practices)),
                    ),
                ],
            );
        } catch (Problem $problem) {
            $this->addFlash('problem', $problem->sentence());

            return $this->redirectToRoute(
                'week',
                [...$team, 'from' => $monday->format('Y-m-d')],
                Response::HTTP_SEE_OTHER,
            );
        }

        return $this->redirectToRoute('solving', [...$team, 'job' => $job->id()], Response::HTTP_SEE_OTHER);
    }
}
