<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Need;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Plan\PlanAudits;
use FoxCorner\App\Practice\Drills\DrillShelf;
use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Floor\Floors;
use FoxCorner\Core\Practice\Floor\Week;
use FoxCorner\Core\Practice\Need\FloorsLeft;
use FoxCorner\Core\Practice\Need\JobNeed;
use FoxCorner\Core\Practice\Need\Record;
use FoxCorner\Core\Skill\Memory;
use FoxCorner\Core\Skill\SkillFamily;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What is needed next: jobs down, players across, why each job is where it is. */
final class NeedsPage extends AbstractController
{
    /** Rows of the page that shows only the top. */
    private const TOP = 20;

    public function __construct(
        private readonly TeamNeeds $needs,
        private readonly PlanAudits $audits,
        private readonly DrillShelf $shelf,
        private readonly PlayerRepository $players,
        private readonly ClockInterface $clock,
    ) {}

    #[Route('/{team}/practice/needs', name: 'needs', methods: ['GET'], priority: 1)]
    public function show(Membership $membership, Request $request): Response
    {
        $now = $this->clock->now();
        $players = $this->players->rosterOf($membership->team);
        $shownTo = array_values(
            array_filter($players, static fn(RosterPlayer $player): bool => $membership->seesAllOf($player->id)),
        );
        $taught = $this->needs->taught($membership->team, $now);
        $drills = $this->shelf->ever($membership->team);
        $record = Record::of($taught, $drills);
        $audit = $this->audits->of($membership->team);
        $all = $this->needs->under(
            $audit,
            $membership->team,
            $players,
            $record,
            FloorsLeft::of(
                $players,
                new Week(AgeGroup::of($membership->team->level()), Floors::LONG, floors: $membership->team->floors()),
                $taught,
                $drills,
            ),
        );
        // What is still wanted first; the rest is there to be seen.
        usort(
            $all,
            static fn(JobNeed $a, JobNeed $b): int => [$b->reps() > 0, $b->weight] <=> [$a->reps() > 0, $a->weight],
        );
        $family = SkillFamily::tryFrom($request->query->getString('family'));
        $shown =
            null === $family
                ? \array_slice($all, 0, self::TOP)
                : array_values(
                    array_filter($all, static fn(JobNeed $need): bool => $need->skill->family() === $family),
                );

        return $this->render('needs/show.html.twig', [
            'left' => $audit->left,
            'family' => $family,
            'memories' => Memory::cases(),
            'players' => $shownTo,
            'rows' => array_map(
                static fn(JobNeed $need): array => [
                    'need' => $need,
                    'cells' => array_map(
                        static fn(RosterPlayer $player): ?NeedCell => NeedCell::of($need, $player, $record),
                        $shownTo,
                    ),
                ],
                $shown,
            ),
        ]);
    }
}
