<?php

declare(strict_types=1);

namespace FoxCorner\App\Today;

use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\MembershipRepository;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Plan\PlanAudits;
use FoxCorner\App\Plan\PlanBasis;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Plan\ReadPlan;
use FoxCorner\App\Practice\Book\PracticeRepository;
use FoxCorner\App\Practice\Need\PracticeHistory;
use FoxCorner\App\Practice\Need\TeamNeeds;
use FoxCorner\App\Shared\Drawing\FieldDrawing;
use FoxCorner\App\Shared\Drawing\Window;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\People\NoLineup;
use FoxCorner\Core\Plan\Audit\OpenFinding;
use FoxCorner\Core\Plan\Audit\PlanAudit;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** What matters now: what is wrong with the plan, drawn; the next practice, the days to come, what to drill next. */
final class TodayPage extends AbstractController
{
    public function __construct(
        private readonly PlanReader $plans,
        private readonly PlanAudits $audits,
        private readonly ClockInterface $clock,
        private readonly TeamNeeds $needs,
        private readonly PlayerRepository $players,
        private readonly FirstSteps $steps,
        private readonly Ahead $ahead,
        private readonly PracticeRepository $practices,
        private readonly PlayersToday $ofPlayers,
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
    public function show(Membership $membership, Request $request): Response
    {
        $team = $membership->team;
        if (!$membership->canChange()) {
            return $this->render('today/player.html.twig', [
                'day' => $this->ofPlayers->of($membership),
                'drawing' => new FieldDrawing($team->rules(), Window::wholeField($team->rules())),
            ]);
        }
        $roster = $this->players->rosterOf($team);
        $basis = $problem = null;
        try {
            $basis = $this->plans->basis($team, Context::ordinary());
        } catch (NoLineup $invalid) {
            $problem = $invalid;
        }
        $audit = null === $basis ? PlanAudit::none() : $this->audits->on($team, $basis);
        $findings = OpenFinding::in($audit);
        $reads = null === $basis ? [] : self::reads($basis, $findings);
        $planned = self::planned($reads, $findings);
        $now = $this->clock->now();
        $practices = $this->practices->since($team, $now->modify(PracticeHistory::SINCE));
        $record = $this->needs->record($team, $now, $practices);
        $needs = $this->needs->under($audit, $team, $roster, $record);
        $drawable = self::drawable($findings);
        $asked = (int) $request->query->getString('finding') - 1;
        $drawn = \in_array($asked, $drawable, true) ? $asked : $drawable[0] ?? null;

        return $this->render('today/show.html.twig', [
            ...$this->ahead->of($team, $needs, $practices),
            'findings' => $findings,
            'drawable' => $drawable,
            'drawn' => $drawn,
            'picture' => null === $drawn ? null : self::picture($planned[$drawn], $findings[$drawn]),
            'reads' => $reads,
            'planned' => $planned,
            'left' => $audit->left,
            'problem' => $problem,
            'isEmpty' => [] === $roster,
            'steps' => $this->steps->of(
                $team,
                $roster,
                $basis?->book,
                [] !== $practices || $this->practices->hasAny($team),
            ),
        ]);
    }

    /**
     * Which of them can be drawn.
     *
     * @param list<OpenFinding> $findings
     *
     * @return list<int>
     */
    private static function drawable(array $findings): array
    {
        return array_keys(
            array_filter(
                $findings,
                static fn(OpenFinding $open): bool => null !== $open->play && null !== $open->finding->moment,
            ),
        );
    }

    private static function picture(?PlannedPlay $play, OpenFinding $open): ?FaultPicture
    {
        return null === $play || null === $open->audited ? null : FaultPicture::of($play, $open->audited);
    }

    /**
     * The plans of the situations in which something is wrong.
     *
     * @param list<OpenFinding> $findings
     *
     * @return array<string, ReadPlan> by the situation's key
     */
    private static function reads(PlanBasis $basis, array $findings): array
    {
        $reads = [];
        foreach ($findings as $open) {
            $reads[$open->situation()->key()] ??= $basis->in($open->situation());
        }

        return $reads;
    }

    /**
     * @param array<string, ReadPlan> $reads    by the situation's key
     * @param list<OpenFinding>       $findings
     *
     * @return list<PlannedPlay|null> by finding: whose coverage it is of
     */
    private static function planned(array $reads, array $findings): array
    {
        return array_map(
            static fn(OpenFinding $open): ?PlannedPlay => null === $open->play
                ? null
                : $reads[$open->situation()->key()]->play($open->play->family),
            $findings,
        );
    }
}
