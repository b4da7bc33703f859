<?php

declare(strict_types=1);

namespace FoxCorner\App\People;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\May;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\MembershipRepository;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Club\RightsLost;
use FoxCorner\App\Club\Role;
use FoxCorner\App\Shared\Time\Instant;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Psr\Clock\ClockInterface;
use Psr\EventDispatcher\EventDispatcherInterface;
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
        private readonly EventDispatcherInterface $events,
        private readonly WayIn $ways,
        private readonly ClockInterface $clock,
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
        $taken = $this->lessRights($other, $given->role);
        [$other->role, $other->player] = [$given->role, $given->player];
        $words = "{$other->account->name} is now " . lcfirst($given->role->label());
        $this->happenings->note($membership->team, $membership->account, $words);
        $this->entities->flush();

        return $this->told($membership, 'done', "$words.$taken");
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
        $taken = $this->lessRights($other, null);
        $this->happenings->note($membership->team, $membership->account, $words);
        $this->entities->remove($other);
        $this->entities->flush();

        return $this->told($membership, 'done', "$words; what he decided stays.$taken");
    }

    /** For somebody who has joined and cannot come in, since no letter has reached him: the coach knows who he is. */
    #[Route('/{team}/people/{member}/way-in', name: 'give_way_in', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function wayIn(Membership $membership, string $member): Response
    {
        $membership->mustBe(May::People);
        $other = $this->memberships->inTeam($membership->team, $member) ?? throw $this->createNotFoundException();
        // Who is in another team too is not this coach's alone to let in.
        if ($other->account->hasPassword() || 1 < \count($this->memberships->of($other->account))) {
            return $this->told($membership, 'problem', "{$other->account->name} has come in already.");
        }
        $link = $this->ways->link($other->account);
        $words = "gave {$other->account->name} a link to come in";
        $this->happenings->note($membership->team, $membership->account, $words);
        $this->entities->flush();
        $until = Instant::later($this->clock->now(), WayIn::LASTS);

        return $this->page->show($membership, link: [$link, $until, "{$other->account->name} comes in by a link"]);
    }

    #[Route('/{team}/people/leave', name: 'leave_team', methods: ['POST'], priority: 1)]
    #[IsCsrfTokenValid('change')]
    public function leave(Membership $membership): Response
    {
        if ($this->memberships->isLastHeadCoach($membership)) {
            return $this->told($membership, 'problem', self::alone()->sentence());
        }
        $name = $membership->team->name;
        $lost = new RightsLost($membership->account, $membership->team, null);
        $this->events->dispatch($lost);
        $this->happenings->note($membership->team, $membership->account, 'left the team');
        $this->entities->remove($membership);
        $this->entities->flush();
        $this->addFlash('done', "You have left the $name.{$lost->words()}");

        return $this->redirectToRoute('home', [], Response::HTTP_SEE_OTHER);
    }

    /** @return string what was taken back with it; his sessions end where he may do less than before */
    private function lessRights(Membership $other, ?Role $now): string
    {
        $lost = new RightsLost($other->account, $other->team, $now);
        $this->events->dispatch($lost);
        foreach (May::cases() as $deed) {
            if ($other->may($deed) && !$lost->stillMay($deed)) {
                $other->account->signOutEverywhere();
                break;
            }
        }

        return $lost->words();
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
