<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/** What every answer tells the browser not to do. Styles, scripts, fonts and pictures come from here alone. */
final readonly class SecurityHeaders
{
    private const POLICY =
        "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; " .
        "connect-src 'self'; " .
        "form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    /** s */
    private const A_YEAR = 31_536_000;

    #[AsEventListener]
    public function onResponse(ResponseEvent $event): void
    {
        if (!$event->isMainRequest()) {
            return;
        }
        $headers = $event->getResponse()->headers;
        $headers->set('Content-Security-Policy', self::POLICY);
        $headers->set('X-Content-Type-Options', 'nosniff');
        $headers->set('X-Frame-Options', 'DENY');
        $headers->set('Referrer-Policy', 'same-origin');
        $headers->set('Permissions-Policy', 'camera=(), microphone=(), geolocation=()');
        $headers->set('Cross-Origin-Opener-Policy', 'same-origin');
        // Nothing here is for a search: plans, children's names, links that open something.
        $headers->set('X-Robots-Tag', 'noindex, nofollow');
        if ($event->getRequest()->isSecure()) {
            $headers->set('Strict-Transport-Security', \sprintf('max-age=%d', self::A_YEAR));
        }
    }
}
