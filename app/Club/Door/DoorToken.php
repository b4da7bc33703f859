<?php

declare(strict_types=1);

namespace FoxCorner\App\Club\Door;

use Symfony\Component\DependencyInjection\Attribute\AsDecorator;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\DependencyInjection\Attribute\AutowireDecorated;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\Security\Csrf\CsrfToken;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;

/**
 * The token of the sign-in page: tied to a cookie of the browser instead of a session, since whoever only looks at
 * that page must not make a row in the database. All other tokens are the session's.
 */
#[AsDecorator('security.csrf.token_manager')]
final readonly class DoorToken implements CsrfTokenManagerInterface
{
    private const ID = 'authenticate';
    private const COOKIE = 'door';

    public function __construct(
        #[AutowireDecorated] private CsrfTokenManagerInterface $inner,
        private RequestStack $requests,
        #[Autowire('%kernel.secret%')] #[\SensitiveParameter] private string $secret,
    ) {}

    public function getToken(string $tokenId): CsrfToken
    {
        $request = $this->requests->getMainRequest();
        if (self::ID !== $tokenId || null === $request) {
            return $this->inner->getToken($tokenId);
        }
        $known = self::nonce($request);
        $nonce = $known ?? bin2hex(random_bytes(16));
        $request->attributes->set('_door', $nonce);

        return new CsrfToken(self::ID, $this->signed($nonce));
    }

    public function refreshToken(string $tokenId): CsrfToken
    {
        return self::ID === $tokenId ? $this->getToken($tokenId) : $this->inner->refreshToken($tokenId);
    }

    public function removeToken(string $tokenId): ?string
    {
        return self::ID === $tokenId ? null : $this->inner->removeToken($tokenId);
    }

    public function isTokenValid(CsrfToken $token): bool
    {
        if (self::ID !== $token->getId()) {
            return $this->inner->isTokenValid($token);
        }
        $request = $this->requests->getMainRequest();
        $nonce = null === $request ? null : self::nonce($request);

        return null !== $nonce && hash_equals($this->signed($nonce), $token->getValue());
    }

    /** What a page of the door carries along and takes back: only with a seal, which only this browser was given. */
    public function seal(string $text): string
    {
        $this->getToken(self::ID);
        $request = $this->requests->getMainRequest();

        return null === $request ? '' : hash_hmac('sha256', self::nonce($request) . "\0" . $text, $this->secret);
    }

    public function isSealed(string $text, string $seal): bool
    {
        $request = $this->requests->getMainRequest();

        return null !== $request && null !== self::nonce($request) && hash_equals($this->seal($text), $seal);
    }

    #[AsEventListener]
    public function onResponse(ResponseEvent $event): void
    {
        $nonce = $event->getRequest()->attributes->getString('_door');
        if ('' !== $nonce && $event->isMainRequest()) {
            $event
                ->getResponse()
                ->headers->setCookie(
                    Cookie::create(
                        self::COOKIE,
                        $nonce,
                        secure: $event->getRequest()->isSecure(),
                        sameSite: Cookie::SAMESITE_LAX,
                    ),
                );
        }
    }

    private function signed(string $nonce): string
    {
        return hash_hmac('sha256', self::ID . $nonce, $this->secret);
    }

    private static function nonce(Request $request): ?string
    {
        $nonce = $request->attributes->getString('_door', (string) $request->cookies->get(self::COOKIE));

        return 1 === preg_match('/^[0-9a-f]{32}$/', $nonce) ? $nonce : null;
    }
}
