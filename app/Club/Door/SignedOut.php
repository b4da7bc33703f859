<?php

declare(strict_types=1);

namespace FoxCorner\App\Club\Door;

use FoxCorner\App\Shared\Address\ByScript;
use FoxCorner\App\Shared\Kept\TypedForm;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Core\Exception\LogoutException;

/**
 * Whoever is not signed in is asked to, without a row being made for him: a page is gone back to by its address, a
 * form comes along with what was typed, a script is told.
 */
final readonly class SignedOut
{
    /** Bytes; a longer address is not gone back to, since the web server would refuse the one that carries it. */
    private const LONGEST_WAY_BACK = 1500;

    public function __construct(
        private Security $security,
        private SignInPage $page,
        private UrlGeneratorInterface $addresses,
    ) {}

    #[AsEventListener(priority: 45)]
    public function onException(ExceptionEvent $event): void
    {
        $error = $event->getThrowable();
        $refused =
            $error instanceof AccessDeniedException ||
            $error instanceof AuthenticationException ||
            $error instanceof LogoutException;
        if (!$refused || null !== $this->security->getUser()) {
            return;
        }
        $event->allowCustomResponseCode();
        $event->setResponse($this->asked($event->getRequest()));
    }

    private function asked(Request $request): Response
    {
        if (ByScript::asked($request)) {
            return new JsonResponse(['problem' => 'signed-out'], Response::HTTP_UNAUTHORIZED);
        }
        if ($request->isMethodSafe()) {
            $door = $this->signIn(self::wayBack($request));

            return match (true) {
                // A part of a page must not become a door of its own: the page says that nobody is signed in.
                ByScript::isForPart($request) => self::untouched(['HX-Reswap' => 'none']),
                ByScript::isForPartOfWay($request) => self::untouched(['HX-Redirect' => $door]),
                default => new RedirectResponse($door),
            };
        }
        if ($this->addresses->generate('sign_out') === $request->getPathInfo()) {
            return new RedirectResponse($this->signIn([]), Response::HTTP_SEE_OTHER);
        }

        return $this->page->show(Response::HTTP_UNAUTHORIZED, kept: TypedForm::of($request));
    }

    /** @param array<string, string> $told what the page does instead of taking the answer in */
    private static function untouched(array $told): Response
    {
        return new Response('', Response::HTTP_UNAUTHORIZED, $told);
    }

    /** @param array<string, string> $query */
    private function signIn(array $query): string
    {
        return $this->addresses->generate('sign_in', $query, UrlGeneratorInterface::ABSOLUTE_URL);
    }

    /** @return array<string, string> */
    private static function wayBack(Request $request): array
    {
        $address = $request->getRequestUri();

        return '/' === $address || \strlen($address) > self::LONGEST_WAY_BACK ? [] : ['to' => $address];
    }
}
