<?php

declare(strict_types=1);

namespace FoxCorner\App\Club\Door;

use Psr\Clock\ClockInterface;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/** A session that is used does not end: once a day the browser is told to keep its cookie for as long again. */
final readonly class SessionInUse
{
    private const DAY = '_renewed';
    /** Before the session is closed and written. */
    private const EARLY = -900;

    /** @param array{cookie_lifetime?: int} $options */
    public function __construct(
        private Security $security,
        private ClockInterface $clock,
        #[Autowire('%session.storage.options%')] private array $options,
    ) {}

    #[AsEventListener(priority: self::EARLY)]
    public function onResponse(ResponseEvent $event): void
    {
        $request = $event->getRequest();
        if (
            !$event->isMainRequest() ||
            !$request->hasSession(true) ||
            !$request->getSession()->isStarted() ||
            null === $this->security->getUser()
        ) {
            return;
        }
        $session = $request->getSession();
        $today = $this->clock->now()->format('Y-m-d');
        if ($today === $session->get(self::DAY)) {
            return;
        }
        $session->set(self::DAY, $today);
        if ($request->cookies->get($session->getName()) === $session->getId()) {
            $event->getResponse()->headers->setCookie(
                Cookie::create(
                    $session->getName(),
                    $session->getId(),
                    // By the clock by which a visitor's cookies end, which is not the house's.
                    \sprintf('+%d seconds', $this->options['cookie_lifetime'] ?? 0),
                    secure: $request->isSecure(),
                    sameSite: Cookie::SAMESITE_LAX,
                ),
            );
        }
    }
}
