<?php

declare(strict_types=1);

namespace FoxCorner\App\People;

use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Access\NewPassword;
use FoxCorner\App\Access\Secret;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Email;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Shared\TypedText;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Problem\WrongLength;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * What an invitation's link opens: a place in the team, for an account that is there or made now.
 *
 * Whoever comes by a letter to his e-mail chooses a password at once. Whoever comes by a link that anybody may have
 * gets a letter first: it proves the e-mail that he says is his.
 */
final class JoinTeam extends AbstractController
{
    public function __construct(
        private readonly InvitationRepository $invitations,
        private readonly EntityManagerInterface $entities,
        private readonly NewPassword $passwords,
        private readonly WayIn $ways,
        private readonly Happenings $happenings,
        private readonly ClockInterface $clock,
        private readonly Security $security,
    ) {}

    #[Route('/join/{secret}', name: 'join', methods: ['GET', 'POST'], requirements: ['secret' => Secret::PATTERN])]
    public function join(string $secret, Request $request): Response
    {
        $invitation = $this->invitations->by(Secret::typed($secret)) ?? throw $this->createNotFoundException();
        $user = $this->getUser();
        $account = $user instanceof Account ? $user : null;
        $closed = $invitation->whyClosed($this->clock->now());
        $typed = [];
        $problem = null;
        if (null === $closed && $request->isMethod('POST')) {
            $typed = [
                'name' => mb_substr(TypedText::unicode($request->request->getString('name')), 0, 100),
                'email' => mb_substr(TypedText::unicode($request->request->getString('email')), 0, 200),
            ];
            try {
                if (!$this->isCsrfTokenValid('authenticate', $request->request->getString('_token'))) {
                    throw Refused::because('page', 'it was open for long', 'sending it again');
                }

                return $this->joined($invitation, $account, $typed, $request);
            } catch (Problem $refused) {
                $problem = $refused;
            } catch (UniqueConstraintViolationException) {
                $problem =
                    null === $account
                        ? Refused::because('email', 'it has an account already', 'signing in with it, and joining then')
                        : Refused::because('invitation', 'you are in the team already', 'nothing has to be done');
            }
        }

        return $this->render(
            'people/join.html.twig',
            [
                'invitation' => $invitation,
                'closed' => $closed,
                'account' => $account,
                'fits' => null === $account || $invitation->isFor($account->getUserIdentifier()),
                'typed' => $typed,
                'problem' => $problem,
            ],
            new Response(
                status: match (true) {
                    null !== $closed => Response::HTTP_GONE,
                    null !== $problem => Response::HTTP_UNPROCESSABLE_ENTITY,
                    default => Response::HTTP_OK,
                },
            ),
        );
    }

    /**
     * @param array<string, string> $typed
     *
     * @throws Problem naming the field
     */
    private function joined(Invitation $invitation, ?Account $account, array $typed, Request $request): Response
    {
        if (null !== $account) {
            $this->take($invitation, $account);

            return $this->welcome($invitation);
        }
        $name = WrongLength::unlessBetween('name', $typed['name'] ?? '', 1, Account::LONGEST);
        $newcomer = new Account(Email::of($invitation->email ?? ($typed['email'] ?? '')), $name);
        if (null !== $invitation->email) {
            $this->passwords->give($newcomer, $request->request->getString('password'));
            $this->take($invitation, $newcomer);
            $this->security->login($newcomer, 'form_login', 'main');

            return $this->welcome($invitation);
        }
        $this->take($invitation, $newcomer, fn() => $this->ways->send($newcomer, $invitation->team));

        return $this->render('people/letter.html.twig', [
            'email' => $newcomer->getUserIdentifier(),
            'invitation' => $invitation,
            'goesOut' => $this->ways->goesOut(),
        ]);
    }

    /**
     * @param (callable(): void)|null $besides is done with it, or nothing is
     *
     * @throws Problem when it is for somebody else, or somebody else was quicker
     */
    private function take(Invitation $invitation, Account $account, ?callable $besides = null): void
    {
        if (!$invitation->isFor($account->getUserIdentifier())) {
            throw Refused::because(
                'invitation',
                'it is for another e-mail',
                'signing in with that, or an invitation for this one',
            );
        }
        $this->entities->getConnection()->transactional(function () use ($invitation, $account, $besides): void {
            if (!$this->invitations->use($invitation, $this->clock->now())) {
                throw Refused::because('invitation', 'it has been used just now', 'an invitation of your own');
            }
            $this->entities->persist($account);
            $membership = new Membership($account, $invitation->team, $invitation->role, $invitation->player);
            $this->entities->persist($membership);
            $this->happenings->note($invitation->team, $account, "joined as {$invitation->words()}");
            $this->entities->flush();
            if (null !== $besides) {
                $besides();
            }
        });
    }

    private function welcome(Invitation $invitation): Response
    {
        $this->addFlash('done', "You are in the {$invitation->team->name}.");

        return $this->redirectToRoute('today', ['team' => $invitation->team->address()], Response::HTTP_SEE_OTHER);
    }
}
