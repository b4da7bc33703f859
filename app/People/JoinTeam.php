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
use FoxCorner\App\Shared\TypedName;
use FoxCorner\App\Shared\TypedText;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What an invitation's link opens: a place in the team, for an account that is there or made now. */
final class JoinTeam extends AbstractController
{
    public function __construct(
        private readonly InvitationRepository $invitations,
        private readonly EntityManagerInterface $entities,
        private readonly NewPassword $passwords,
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
                $this->take($invitation, $account ?? $this->newcomer($invitation, $typed, $request));

                return $this->redirectToRoute(
                    'today',
                    ['team' => $invitation->team->address()],
                    Response::HTTP_SEE_OTHER,
                );
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
    private function newcomer(Invitation $invitation, array $typed, Request $request): Account
    {
        $name = TypedName::of($typed['name'] ?? '', 'name', Account::LONGEST);
        $account = new Account(Email::of($invitation->email ?? ($typed['email'] ?? '')), $name);
        $this->passwords->give($account, $request->request->getString('password'));
        $this->entities->persist($account);

        return $account;
    }

    /** @throws Problem when it is for somebody else */
    private function take(Invitation $invitation, Account $account): void
    {
        if (!$invitation->isFor($account->getUserIdentifier())) {
            throw Refused::because(
                'invitation',
                'it is for another e-mail',
                'signing in with that, or an invitation for this one',
            );
        }
        $invitation->use($this->clock->now());
        $this->entities->persist(new Membership($account, $invitation->team, $invitation->role, $invitation->player));
        $this->happenings->note($invitation->team, $account, "joined as {$invitation->words()}");
        $this->entities->flush();
        if (null === $this->getUser()) {
            $this->security->login($account, 'form_login', 'main');
        }
        $this->addFlash('done', "You are in the {$invitation->team->name}.");
    }
}
