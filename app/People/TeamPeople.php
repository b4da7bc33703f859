<?php

declare(strict_types=1);

namespace FoxCorner\App\People;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\May;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\MembershipRepository;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Club\Role;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** The people of a team: shown, given another role, taken out, or leaving by themselves. */
final class TeamPeople extends AbstractController
{
    public function __construct(
        private readonly PeoplePage $page,
        private readonly MembershipRepository $memberships,
        private readonly PlayerRepository $players,
        private readonly Happenings $happenings,
        private readonly EntityManagerInterface $entities,
    ) {}

    #[Route('/{team}/people', name: 'people', methods: ['GET'])]
    public function show(Membership $membership): Response
    {
        return $this->page->show($membership);
    }

    #[Route('/{team}/people/{member}/role', name: 'change_role', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function role(Membership $membership, string $member, Request $request): Response
    {
        $membership->mustBe(May::People);
        $other = $this->memberships->inTeam($membership->team, $member) ?? throw $this->createNotFoundException();
        try {
            $given = GivenRole::of(
                $request->request->getString('role'),
                $request->request->getString('player'),
                $membership->team,
                $this->players,
            );
            if (Role::HeadCoach !== $given->role && $this->memberships->isLastHeadCoach($other)) {
                throw self::alone();
            }
        } catch (Problem $problem) {
            return $this->told($membership, 'problem', $problem->sentence());
        }
        [$other->role, $other->player] = [$given->role, $given->player];
        $words = "{$other->account->name} is now " . lcfirst($given->role->label());
        $this->happenings->note($membership->team, $membership->account, $words);
        $this->entities->flush();

        return $this->told($membership, 'done', "$words.");
    }

    #[Route('/{team}/people/{member}/remove', name: 'remove_member', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function remove(Membership $membership, string $member): Response
    {
        $membership->mustBe(May::People);
        $other = $this->memberships->inTeam($membership->team, $member) ?? throw $this->createNotFoundException();
        if ($other === $membership) {
            return $this->leave($membership);
        }
        $words = "{$other->account->name} is out of the team";
        $this->happenings->note($membership->team, $membership->account, $words);
        $this->entities->remove($other);
        $this->entities->flush();

        return $this->told($membership, 'done', "$words; what he decided stays.");
    }

    #[Route('/{team}/people/leave', name: 'leave_team', methods: ['POST'], priority: 1)]
    #[IsCsrfTokenValid('change')]
    public function leave(Membership $membership): Response
    {
        if ($this->memberships->isLastHeadCoach($membership)) {
            return $this->told($membership, 'problem', self::alone()->sentence());
        }
        $name = $membership->team->name;
        $this->happenings->note($membership->team, $membership->account, 'left the team');
        $this->entities->remove($membership);
        $this->entities->flush();
        $this->addFlash('done', "You have left the $name.");

        return $this->redirectToRoute('home', [], Response::HTTP_SEE_OTHER);
    }

    private static function alone(): Problem
    {
        return Refused::because('role', 'this is the only head coach of the team', 'another head coach first');
    }

    private function told(Membership $membership, string $kind, string $sentence): Response
    {
        $this->addFlash($kind, $sentence);

        return $this->redirectToRoute('people', ['team' => $membership->team->address()], Response::HTTP_SEE_OTHER);
    }
}
