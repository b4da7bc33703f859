<?php

declare(strict_types=1);

namespace FoxCorner\App\Today;

use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\MembershipRepository;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Plan\ReadPlan;
use FoxCorner\App\Practice\Practice;
use FoxCorner\App\Practice\PracticeRepository;
use FoxCorner\App\Practice\SheetCodec;
use FoxCorner\App\Practice\TeamNeeds;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\People\NoLineup;
use FoxCorner\Core\Plan\Audit\OpenFinding;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Practice\Need\JobNeed;
use FoxCorner\Core\Runs\RunChain;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** What matters now: the next practice, what is wrong with the plan, what was taught last, what to drill next. */
final class TodayPage extends AbstractController
{
    public function __construct(
        private readonly PlanReader $plans,
        private readonly PracticeRepository $practices,
        private readonly SheetCodec $codec,
        private readonly ClockInterface $clock,
        private readonly TeamNeeds $needs,
        private readonly PlayerRepository $players,
        private readonly FirstSteps $steps,
    ) {}

    #[Route('/', name: 'home', methods: ['GET'])]
    public function home(MembershipRepository $memberships, #[CurrentUser] Account $account): Response
    {
        foreach ($memberships->of($account) as $first) {
            return $this->redirectToRoute('today', ['team' => $first->team->address()]);
        }

        return $this->render('today/no_team.html.twig');
    }

    #[Route('/{team}', name: 'today', methods: ['GET'], requirements: ['team' => '[a-z0-9-]+'], priority: -10)]
    public function show(Membership $membership): Response
    {
        $practices = $this->practices->of($membership->team);
        [$next, $last] = $this->around($practices);
        $roster = $this->players->rosterOf($membership->team);
        $problem = null;
        $plans = [];
        try {
            $plans = $this->plans->plans($membership->team, RunChain::situations(), Context::ordinary());
        } catch (NoLineup $invalid) {
            $problem = $invalid;
        }
        $plays = $this->needs->audited($membership->team, $plans);
        $needs = $this->needs->under($plays, $membership->team, $roster, $this->clock->now());

        return $this->render('today/show.html.twig', [
            'now' => $this->clock->now(),
            'next' => $next,
            'nextSheet' => null === $next ? null : $this->codec->read($next),
            'last' => $last,
            'lastSheet' => null === $last ? null : $this->codec->read($last),
            'findings' => OpenFinding::all(
                array_map(static fn(ReadPlan $read): SituationPlan => $read->plan, $plans),
                $plays,
            ),
            'reads' => array_combine(
                array_map(static fn(ReadPlan $read): string => $read->plan->state->situation->key(), $plans),
                $plans,
            ),
            'problem' => $problem,
            'steps' => $this->steps->of($membership->team, $roster, [] !== $practices),
            'needs' => \array_slice(
                array_values(array_filter($needs, static fn(JobNeed $need): bool => $need->reps() > 0)),
                0,
                4,
            ),
        ]);
    }

    /**
     * @param list<Practice> $practices the latest first
     *
     * @return array{Practice|null, Practice|null} the next and the last
     */
    private function around(array $practices): array
    {
        $now = $this->clock->now();
        $next = $last = null;
        foreach ($practices as $practice) {
            if ($practice->endsAt() >= $now) {
                $next = $practice;
            } else {
                $last ??= $practice;
            }
        }

        return [$next, $last];
    }
}
