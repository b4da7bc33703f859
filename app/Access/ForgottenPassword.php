<?php

declare(strict_types=1);

namespace FoxCorner\App\Access;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Door\Accounts;
use FoxCorner\App\Club\Door\Tried;
use FoxCorner\App\Club\Door\Tries;
use FoxCorner\App\Post\Letter;
use FoxCorner\App\Post\Letters;
use FoxCorner\App\Shared\TypedText;
use FoxCorner\Core\Problem\Problem;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** A new password for whoever has forgotten the old one: by a link in a mail. */
final class ForgottenPassword extends AbstractController
{
    public function __construct(
        private readonly Accounts $accounts,
        private readonly EntityManagerInterface $entities,
        private readonly ResetTokens $tokens,
        private readonly Tries $tries,
        private readonly NewPassword $passwords,
        private readonly Letters $letters,
        private readonly Security $security,
    ) {}

    #[Route('/forgotten', name: 'forgotten', methods: ['GET', 'POST'])]
    public function ask(Request $request): Response
    {
        $email = mb_substr(TypedText::unicode($request->request->getString('email')), 0, 180);
        if (!$request->isMethod('POST')) {
            return $this->render('access/forgotten.html.twig', ['email' => '', 'problem' => null]);
        }
        if (!$this->isCsrfTokenValid('authenticate', $request->request->getString('_token'))) {
            return $this->asked($email, 'This page was open for long. Your e-mail is still here: send it again.');
        }
        $tooMany = $this->tries->begin(Tried::Letter, $email);
        if (null !== $tooMany) {
            return $this->asked($email, $tooMany);
        }
        $account = $this->accounts->by($email);
        if (null !== $account) {
            try {
                $this->letters->send(Letter::aboutPassword($account, $this->tokens->link($account)));
            } catch (Problem) {
                // What becomes of a mail tells nobody whether there is an account.
            }
        }
        $this->addFlash(
            'done',
            $this->letters->goOut()
                ? 'If there is an account with this e-mail, a link is on its way. It works for an hour.'
                : 'No mail goes out from here. Whoever keeps the machine can give you a link: ' .
                    'bin/console fox:account ' .
                    'and your e-mail.',
        );

        return $this->redirectToRoute('sign_in', [], Response::HTTP_SEE_OTHER);
    }

    #[
        Route(
            '/reset/{secret}',
            name: 'reset_password',
            methods: ['GET', 'POST'],
            requirements: [
                'secret' => Secret::PATTERN,
            ],
        ),
    ]
    public function choose(string $secret, Request $request): Response
    {
        $token = $this->tokens->open(Secret::typed($secret));
        if (null === $token) {
            return $this->render('access/over.html.twig', [], new Response(status: Response::HTTP_GONE));
        }
        $problem = null;
        if ($request->isMethod('POST')) {
            if (!$this->isCsrfTokenValid('authenticate', $request->request->getString('_token'))) {
                $problem = 'This page was open for long: type the password again.';
            } else {
                try {
                    $this->passwords->give($token->account, $request->request->getString('password'));
                    $this->tokens->close($token->account);
                    $this->entities->flush();
                    $this->security->login($token->account, 'form_login', 'main');
                    $this->addFlash('done', 'The new password holds; you are signed out everywhere else.');

                    return $this->redirectToRoute('home', [], Response::HTTP_SEE_OTHER);
                } catch (Problem $refused) {
                    $problem = $refused->sentence();
                }
            }
        }

        return $this->render(
            'access/reset.html.twig',
            ['account' => $token->account, 'problem' => $problem],
            new Response(status: null === $problem ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }

    private function asked(string $email, string $problem): Response
    {
        return $this->render(
            'access/forgotten.html.twig',
            ['email' => $email, 'problem' => $problem],
            new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }
}
