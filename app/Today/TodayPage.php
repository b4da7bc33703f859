<?php

declare(strict_types=1);

namespace FoxCorner\App\Today;

use FoxCorner\Core\Plan\Predictable;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Runs\RunChain;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\MembershipRepository;
use FoxCorner\App\Plan\CoverageReports;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Practice\Practice;
use FoxCorner\App\Practice\PracticeRepository;
use FoxCorner\App\Practice\SheetCodec;
use FoxCorner\App\Practice\TeamNeeds;
use FoxCorner\App\Team\PlayerRepository;
use FoxCorner\Core\Practice\Need\JobNeed;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\InvalidValue;
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
        private readonly CoverageReports $reports,
        private readonly PracticeRepository $practices,
        private readonly SheetCodec $codec,
        private readonly ClockInterface $clock,
        private readonly TeamNeeds $needs,
        private readonly PlayerRepository $players,
    ) {
    }

    #[Route('/', name: 'home', methods: ['GET'])]
    public function home(MembershipRepository $memberships, #[CurrentUser] Account $account): Response
    {
        $first = array_key_first($memberships->of($account));

        return null === $first ? $this->render('today/no_team.html.twig') : $this->redirectToRoute('today', ['team' => $first]);
    }

    #[Route('/{team}', name: 'today', methods: ['GET'], requirements: ['team' => '[0-9a-f-]{36}'])]
    public function show(Membership $membership): Response
    {
        [$next, $last] = $this->around($this->practices->of($membership->team));
        $problem = null;
        $plans = [];
        try {
            $plans = $this->plans->plans($membership->team, RunChain::situations(), Context::ordinary());
        } catch (InvalidValue $invalid) {
            $problem = $invalid;
        }
        $needs = $this->needs->under($this->needs->withReports($plans), $membership->team, $this->players->rosterOf($membership->team), $this->clock->now());

        return $this->render('today/show.html.twig', [
            'now' => $this->clock->now(),
            'next' => $next,
            'nextSheet' => null === $next ? null : $this->codec->read($next),
            'last' => $last,
            'lastSheet' => null === $last ? null : $this->codec->read($last),
            'findings' => $this->findings($plans),
            'problem' => $problem,
            'needs' => \array_slice(array_values(array_filter($needs, static fn(JobNeed $need): bool => $need->reps() > 0)), 0, 4),
        ]);
    }

    /**
     * @param list<SituationPlan> $plans
     *
     * @return list<OpenFinding> worst first, each fault once
     */
    private function findings(array $plans): array
    {
        $open = [];
        foreach ($plans as $plan) {
            foreach ($plan->alignmentFindings() as $finding) {
                $open[$finding->identity()] ??= new OpenFinding($finding, $finding->weight, null, $plan->state->situation, null);
            }
            foreach (null === $plan->coverage ? [] : $this->reports->chosen($plan)->findings as $finding) {
                $open[$finding->worst->identity()] ??= new OpenFinding($finding->worst, $finding->rank(), $finding, $plan->state->situation, $plan->coverage?->name());
            }
        }
        $predictable = Predictable::in($plans);
        if (null !== $predictable) {
            $open[] = new OpenFinding($predictable, $predictable->weight, null, Situation::fromKey('R1-0'), null);
        }
        usort($open, static fn(OpenFinding $a, OpenFinding $b): int => $b->rank <=> $a->rank);

        return $open;
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
