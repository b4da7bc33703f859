<?php

declare(strict_types=1);

namespace FoxCorner\App\Club\Door;

use FoxCorner\App\Shared\Address\OwnPath;
use FoxCorner\App\Shared\Kept\KeptPage;
use FoxCorner\App\Shared\Kept\NotKept;
use FoxCorner\App\Shared\Kept\OwnOrigin;
use FoxCorner\App\Shared\Kept\TypedForm;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Core\Exception\InvalidCsrfTokenException;
use Symfony\Component\Security\Http\Authentication\AuthenticationFailureHandlerInterface;
use Symfony\Component\Security\Http\Authentication\AuthenticationSuccessHandlerInterface;
use Symfony\Component\Security\Http\Event\LoginSuccessEvent;

/** What follows an attempt to sign in: the page again with a word, or the way to where somebody wanted to go. */
final readonly class SignInAnswer implements
    AuthenticationFailureHandlerInterface,
    AuthenticationSuccessHandlerInterface
{
    /** Letters of an e-mail that the page shows again. */
    private const LONGEST = 180;

    public function __construct(
        private SignInPage $page,
        private KeptPage $pages,
        private UrlGeneratorInterface $addresses,
        private DoorToken $door,
    ) {}

    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): Response
    {
        $words =
            $exception instanceof InvalidCsrfTokenException
                ? 'This page was open for long. Your e-mail is still here: type the password again.'
                : $exception->getMessageKey();

        return $this->page->show(
            Response::HTTP_UNPROCESSABLE_ENTITY,
            mb_substr($request->request->getString('email'), 0, self::LONGEST),
            $words,
            $request->request->getString('_target_path'),
            $this->kept($request),
        );
    }

    public function onAuthenticationSuccess(Request $request, TokenInterface $token): Response
    {
        $to = $request->request->getString('_target_path');

        return new RedirectResponse(OwnPath::is($to) ? $to : $this->addresses->generate('home'));
    }

    /** After the session has been made anew, and its tokens with it. */
    #[AsEventListener(priority: -100)]
    public function afterSuccess(LoginSuccessEvent $event): void
    {
        $typed = $this->kept($event->getRequest());
        if (null !== $typed) {
            $event->setResponse($this->pages->of($typed, NotKept::SignedInAgain));
        }
    }

    /** What was typed before, where a page of ours has brought it along. */
    private function kept(Request $request): ?TypedForm
    {
        $json = $request->request->getString('_kept');

        return OwnOrigin::sent($request) && $this->door->isSealed($json, $request->request->getString('_seal'))
            ? TypedForm::fromJson($json)
            : null;
    }
}
