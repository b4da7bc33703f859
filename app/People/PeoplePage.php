<?php

declare(strict_types=1);

namespace FoxCorner\App\People;

use FoxCorner\App\Club\May;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\MembershipRepository;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Club\Role;
use FoxCorner\Core\Problem\Problem;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Response;
use Twig\Environment;

/** Who is in the team, who is invited, and what each may do; shown again with what was typed where it is refused. */
final readonly class PeoplePage
{
    public function __construct(
        private Environment $twig,
        private MembershipRepository $memberships,
        private InvitationRepository $invitations,
        private PlayerRepository $players,
        private Happenings $happenings,
        private ClockInterface $clock,
    ) {}

    /**
     * @param array<string, string>                          $typed
     * @param array{string, \DateTimeImmutable, string}|null $link  that was made just now, its end, and what it is of
     */
    public function show(
        Membership $membership,
        array $typed = [],
        ?Problem $problem = null,
        ?array $link = null,
    ): Response {
        $team = $membership->team;
        $manages = $membership->may(May::People);

        return new Response(
            $this->twig->render('people/show.html.twig', [
                'people' => $this->memberships->in($team),
                'invitations' => $manages ? $this->invitations->open($team, $this->clock->now()) : [],
                'roster' => $manages ? $this->players->rosterOf($team) : [],
                'happenings' => $manages ? $this->happenings->of($team) : [],
                'roles' => Role::cases(),
                'deeds' => May::cases(),
                'manages' => $manages,
                // Whose guardian somebody is, is said of a child.
                'seesWards' => $membership->may(May::SeeAll),
                'typed' => $typed,
                'problem' => $problem,
                'link' => $link,
            ]),
            null === $problem ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY,
        );
    }
}
