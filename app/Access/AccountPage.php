<?php

declare(strict_types=1);

namespace FoxCorner\App\Access;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Door\Tried;
use FoxCorner\App\Club\Door\Tries;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\MembershipRepository;
use FoxCorner\App\Club\RightsLost;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Psr\EventDispatcher\EventDispatcherInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** One's own account: password, other browsers, and the end of it. */
final class AccountPage extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entities,
        private readonly MembershipRepository $memberships,
        private readonly UserPasswordHasherInterface $hasher,
        private readonly NewPassword $passwords,
        private readonly Security $security,
        private readonly Tries $tries,
        private readonly EventDispatcherInterface $events,
    ) {}

    #[Route('/account', name: 'account', methods: ['GET'])]
    public function show(#[CurrentUser] Account $account): Response
    {
        return $this->page($account, null);
    }

    #[Route('/account/password', name: 'change_password', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function password(#[CurrentUser] Account $account, Request $request): Response
    {
        try {
            $this->mustKnow($account, $request);
            $this->passwords->give($account, $request->request->getString('password'));
        } catch (Problem $problem) {
            return $this->page($account, $problem);
        }

        return $this->stayedIn($account, 'The new password holds; you are signed out everywhere else.');
    }

    #[Route('/account/elsewhere', name: 'sign_out_elsewhere', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function elsewhere(#[CurrentUser] Account $account): Response
    {
        return $this->stayedIn($account, 'You are signed out everywhere else.');
    }

    #[Route('/account/end', name: 'end_account', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function end(#[CurrentUser] Account $account, Request $request): Response
    {
        try {
            if ($account->isDemo()) {
                throw Refused::because('account', 'it is the demo’s', 'taking the demo off as a whole');
            }
            $this->mustKnow($account, $request);
            $this->mustNotLeaveTeamsAlone($account);
        } catch (Problem $problem) {
            return $this->page($account, $problem);
        }
        foreach ($this->memberships->of($account) as $membership) {
            $this->events->dispatch(new RightsLost($account, $membership->team, null));
            $this->entities->remove($membership);
        }
        $account->end();
        $this->entities->flush();
        $this->security->logout(false);
        $this->addFlash(
            'done',
            'The account is gone. What you decided for your teams stays with them, without your e-mail.',
        );

        return $this->redirectToRoute('sign_in', [], Response::HTTP_SEE_OTHER);
    }

    private function stayedIn(Account $account, string $words): Response
    {
        $account->signOutEverywhere();
        $this->entities->flush();
        $this->security->login($account, 'form_login', 'main');
        $this->addFlash('done', $words);

        return $this->redirectToRoute('account', [], Response::HTTP_SEE_OTHER);
    }

    /** @throws Problem */
    private function mustKnow(Account $account, Request $request): void
    {
        $tooMany = $this->tries->begin(Tried::Password, $account->getUserIdentifier());
        if (null !== $tooMany) {
            throw Refused::because('password of now', lcfirst(rtrim($tooMany, '.')), 'the one you signed in with');
        }
        if (!$this->hasher->isPasswordValid($account, $request->request->getString('password_now'))) {
            throw Refused::because('password of now', 'it is another one', 'the one you signed in with');
        }
        $this->tries->forget(Tried::Password, $account->getUserIdentifier());
    }

    /** @throws Problem */
    private function mustNotLeaveTeamsAlone(Account $account): void
    {
        $alone = array_filter($this->memberships->of($account), $this->memberships->isLastHeadCoach(...));
        if ([] !== $alone) {
            throw Refused::because(
                'account',
                'you are the only head coach of ' .
                    implode(' and ', array_map(static fn(Membership $one): string => $one->team->name, $alone)),
                'another head coach first',
            );
        }
    }

    private function page(Account $account, ?Problem $problem): Response
    {
        return $this->render(
            'access/account.html.twig',
            ['account' => $account, 'problem' => $problem, 'memberships' => $this->memberships->of($account)],
            new Response(status: null === $problem ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }
}
