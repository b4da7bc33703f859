<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Twig\Environment;

/**
 * Refuses what is no text before anything reads it: a byte of zero, or letters that are not UTF-8. No browser sends
 * such by itself, and neither the database nor half of the functions of the language take it.
 */
final readonly class ReadableInput
{
    /** Before sessions, routes and the firewall. */
    private const FIRST = 512;

    public function __construct(private Environment $twig) {}

    #[AsEventListener(priority: self::FIRST)]
    public function onRequest(RequestEvent $event): void
    {
        $where = $event->isMainRequest() ? self::unreadable($event->getRequest()) : null;
        if (null !== $where) {
            $event->setResponse(
                new Response(
                    $this->twig->render('error/unreadable.html.twig', ['where' => $where]),
                    Response::HTTP_BAD_REQUEST,
                ),
            );
        }
    }

    /** @return string|null what cannot be read */
    private static function unreadable(Request $request): ?string
    {
        if (!self::isText(rawurldecode($request->getRequestUri()))) {
            return 'the address';
        }
        foreach (
            [
                'the address' => $request->query->all(),
                'a cookie' => $request->cookies->all(),
                'a field' => $request->request->all(),
            ] as $where => $values
        ) {
            $wrong = null;
            array_walk_recursive($values, static function (mixed $value, int|string $name) use (&$wrong): void {
                if (!self::isText((string) $name) || (\is_string($value) && !self::isText($value))) {
                    $wrong = self::isText((string) $name) ? (string) $name : '?';
                }
            });
            if (null !== $wrong) {
                return "$where, “{$wrong}”";
            }
        }

        return null;
    }

    private static function isText(string $text): bool
    {
        return !str_contains($text, "\0") && mb_check_encoding($text, 'UTF-8');
    }
}
