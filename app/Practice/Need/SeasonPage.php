<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Need;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Plan\PlanAudits;
use FoxCorner\App\Practice\Drills\DrillShelf;
use FoxCorner\Core\Practice\Need\Record;
use FoxCorner\Core\Practice\Season\Progress;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The order of a season: what builds on what, how far the team is, week by week. */
final class SeasonPage extends AbstractController
{
    public function __construct(
        private readonly TeamNeeds $needs,
        private readonly PlanAudits $audits,
        private readonly PracticeHistory $history,
        private readonly PlayerRepository $players,
        private readonly DrillShelf $shelf,
        private readonly ClockInterface $clock,
    ) {}

    #[Route('/{team}/practice/season', name: 'season', methods: ['GET'], priority: 1)]
    public function show(Membership $membership): Response
    {
        $team = $membership->team;
        $now = $this->clock->now();
        $taught = $this->history->taught($team, $now);
        $drills = $this->shelf->ever($team);
        $audit = $this->audits->of($team);
        $needs = $this->needs->under($audit, $team, $this->players->rosterOf($team), Record::of($taught, $drills));
        $all = Progress::all($team->rules(), $needs, $taught, $drills);

        return $this->render('season/show.html.twig', [
            'left' => $audit->left,
            'stages' => $all,
            'next' => Progress::next($all),
        ]);
    }
}
