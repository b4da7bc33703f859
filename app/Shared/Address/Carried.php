<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Address;

use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Problem\Problem;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/**
 * The situation stays with a coach from page to page, also over pages that have none in their address: a cookie of the
 * team's own remembers the last one, and the links of the rail lead back to it.
 */
final readonly class Carried
{
    private const COOKIE = 'situation';
    private const LONGEST = 300;
    /** Before any was looked at. */
    private const FIRST = 'R1-0';

    public function __construct(private RequestStack $requests) {}

    /** @return array<string, string> inning, score, batter and the rest, as parameters of an address */
    public function context(): array
    {
        $request = $this->requests->getMainRequest();
        if (null === $request) {
            return [];
        }
        $here = self::contextOf($request->query->all());

        return [] === $here ? self::contextOf(self::kept($request)) : $here;
    }

    /** The situation of this page, or the last one. */
    public function situation(): Situation
    {
        $request = $this->requests->getMainRequest();
        $here = $request?->attributes->getString('situation') ?? '';
        $kept = null === $request ? '' : self::kept($request)['situation'] ?? '';

        return Situation::find($here) ?? (Situation::find($kept) ?? Situation::fromKey(self::FIRST));
    }

    #[AsEventListener]
    public function onResponse(ResponseEvent $event): void
    {
        $request = $event->getRequest();
        // A part that comes late, of a page that was left, would lead back to it.
        if (ByScript::isForPart($request)) {
            return;
        }
        $team = $request->attributes->getString('team');
        $situation = self::known($request->attributes->getString('situation'));
        $context = self::contextOf($request->query->all());
        if (
            !$event->isMainRequest() ||
            !$request->isMethod('GET') ||
            '' === $team ||
            !$event->getResponse()->isSuccessful() ||
            (null === $situation && [] === $context)
        ) {
            return;
        }
        $before = self::kept($request);
        $now = [
            'situation' => $situation ?? (self::known($before['situation'] ?? '') ?? self::FIRST),
            ...[] === $context ? self::contextOf($before) : $context,
        ];
        if ($now !== $before) {
            $event
                ->getResponse()
                ->headers->setCookie(
                    Cookie::create(
                        self::COOKIE,
                        http_build_query($now),
                        '+1 year',
                        "/$team",
                        secure: $request->isSecure(),
                        sameSite: Cookie::SAMESITE_LAX,
                    ),
                );
        }
    }

    /** A batter or pitcher who is not there any more must not be led back to for ever. */
    #[AsEventListener(priority: 60)]
    public function onException(ExceptionEvent $event): void
    {
        $team = $event->getRequest()->attributes->getString('team');
        if ($event->getThrowable() instanceof Problem && '' !== $team) {
            $event->getRequest()->attributes->set('_forget_situation', true);
        }
    }

    #[AsEventListener(priority: -10)]
    public function forget(ResponseEvent $event): void
    {
        if ($event->getRequest()->attributes->has('_forget_situation')) {
            $event
                ->getResponse()
                ->headers->clearCookie(self::COOKIE, '/' . $event->getRequest()->attributes->getString('team'));
        }
    }

    /** @return array<string, string> */
    private static function kept(Request $request): array
    {
        $cookie = $request->cookies->getString(self::COOKIE);
        parse_str(\strlen($cookie) > self::LONGEST ? '' : $cookie, $kept);

        $situation = $kept['situation'] ?? null;

        return (\is_string($situation) ? ['situation' => $situation] : []) + self::contextOf($kept);
    }

    /**
     * @param array<array-key, mixed> $values
     *
     * @return array<string, string>
     */
    private static function contextOf(array $values): array
    {
        return array_filter(
            array_intersect_key($values, array_flip(ContextAddress::NAMES)),
            static fn(mixed $value): bool => \is_string($value) && '' !== $value,
        );
    }

    private static function known(string $situation): ?string
    {
        return Situation::find($situation)?->key();
    }
}
