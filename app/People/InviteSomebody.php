<?php

declare(strict_types=1);

namespace FoxCorner\App\People;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Access\Secret;
use FoxCorner\App\Club\Email;
use FoxCorner\App\Club\May;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\MembershipRepository;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Post\Letter;
use FoxCorner\App\Post\Letters;
use FoxCorner\App\Shared\PublicAddress;
use FoxCorner\App\Shared\TypedText;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Invites somebody by a link or a mail, and takes an invitation back. */
final class InviteSomebody extends AbstractController
{
    private const LASTS = '+14 days';
    /** Open invitations of a team. */
    private const MOST = 60;

    public function __construct(
        private readonly PeoplePage $page,
        private readonly InvitationRepository $invitations,
        private readonly MembershipRepository $memberships,
        private readonly PlayerRepository $players,
        private readonly Happenings $happenings,
        private readonly Letters $letters,
        private readonly PublicAddress $addresses,
        private readonly EntityManagerInterface $entities,
        private readonly ClockInterface $clock,
    ) {}

    #[Route('/{team}/people/invite', name: 'invite', methods: ['POST'], priority: 2)]
    #[IsCsrfTokenValid('change')]
    public function invite(Membership $membership, Request $request): Response
    {
        $membership->mustBe(May::People);
        $typed = [];
        foreach (['role', 'player', 'email'] as $field) {
            $typed[$field] = mb_substr(TypedText::unicode($request->request->getString($field)), 0, 200);
        }
        $secret = Secret::make();
        try {
            $invitation = $this->invitation($membership, $typed, $secret);
        } catch (Problem $problem) {
            return $this->page->show($membership, $typed, $problem);
        }
        $this->entities->persist($invitation);
        $to = $invitation->email ?? 'whoever has the link';
        $this->happenings->note($membership->team, $membership->account, "invited $to as {$invitation->words()}");
        $this->entities->flush();
        $link = $this->addresses->of('join', ['secret' => $secret->word]);

        $problem = $this->sent($membership, $invitation, $link);

        return $this->page->show($membership, [], $problem, [$link, $invitation->until, 'The invitation is made']);
    }

    #[Route('/{team}/people/invitation/{invitation}/revoke', name: 'revoke_invitation', methods: ['POST'], priority: 2)]
    #[IsCsrfTokenValid('change')]
    public function revoke(Membership $membership, string $invitation): Response
    {
        $membership->mustBe(May::People);
        $found = $this->invitations->inTeam($membership->team, $invitation) ?? throw $this->createNotFoundException();
        $found->revoke($this->clock->now());
        $to = $found->email ?? 'whoever has the link';
        $this->happenings->note($membership->team, $membership->account, "took back the invitation of $to");
        $this->entities->flush();
        $this->addFlash('done', 'The invitation is taken back; its link opens nothing any more.');

        return $this->redirectToRoute('people', ['team' => $membership->team->address()], Response::HTTP_SEE_OTHER);
    }

    /**
     * @param array<string, string> $typed
     *
     * @throws Problem naming the field
     */
    private function invitation(Membership $membership, array $typed, Secret $secret): Invitation
    {
        $team = $membership->team;
        $given = GivenRole::of($typed['role'], $typed['player'], $team, $this->players);
        $email = '' === trim($typed['email']) ? null : Email::of($typed['email']);
        if (null !== $email && $this->memberships->hasEmail($team, $email)) {
            throw Refused::because('email', "$email is in the team already", 'changing the role in the list above');
        }
        $open = $this->invitations->open($team, $this->clock->now());
        foreach ($open as $other) {
            if (null !== $email && $other->email === $email) {
                throw Refused::because(
                    'email',
                    "$email has an open invitation",
                    'taking that back first, or another address',
                );
            }
        }
        if (\count($open) >= self::MOST) {
            throw Refused::because(
                'invitations',
                \sprintf('%d are open', \count($open)),
                \sprintf('at most %d at a time', self::MOST),
            );
        }

        return new Invitation(
            $team,
            $given->role,
            $given->player,
            $email,
            $membership->account,
            $secret->fingerprint(),
            $this->clock->now()->modify(self::LASTS),
        );
    }

    /** @return Problem|null what went wrong with the mail */
    private function sent(Membership $membership, Invitation $invitation, string $link): ?Problem
    {
        if (null === $invitation->email) {
            return null;
        }
        try {
            $this->letters->send(
                Letter::invitation(
                    $invitation->email,
                    $membership->account->name,
                    $membership->team->name,
                    lcfirst($invitation->role->label()),
                    $link,
                ),
            );
        } catch (Problem $problem) {
            return $problem;
        }

        return null;
    }
}
