<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Kept;

use Symfony\Component\HttpFoundation\Request;

/** Whether a form was sent by a page of ours. Where the browser tells nothing of it, it was not. */
final class OwnOrigin
{
    public static function sent(Request $request): bool
    {
        $site = $request->headers->get('Sec-Fetch-Site');
        if (null !== $site) {
            return 'same-origin' === $site;
        }
        $origin = $request->headers->get('Origin');
        if (null !== $origin) {
            return $origin === $request->getSchemeAndHttpHost();
        }

        return str_starts_with((string) $request->headers->get('Referer'), $request->getSchemeAndHttpHost() . '/');
    }
}
