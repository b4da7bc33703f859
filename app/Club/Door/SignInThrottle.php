<?php

declare(strict_types=1);

namespace FoxCorner\App\Club\Door;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Security\Core\Exception\CustomUserMessageAuthenticationException;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Authenticator\Passport\Passport;
use Symfony\Component\Security\Http\Event\CheckPassportEvent;
use Symfony\Component\Security\Http\Event\LoginSuccessEvent;

/** Counts passwords at the door. */
final readonly class SignInThrottle
{
    /** After the page's own token (512), which is no password, and before the password is looked at (0). */
    private const BETWEEN = 300;

    public function __construct(private Tries $tries) {}

    #[AsEventListener(priority: self::BETWEEN)]
    public function beforeCheck(CheckPassportEvent $event): void
    {
        $words = $this->tries->begin(Tried::Password, self::email($event->getPassport()));
        if (null !== $words) {
            throw new CustomUserMessageAuthenticationException($words);
        }
    }

    #[AsEventListener]
    public function afterSuccess(LoginSuccessEvent $event): void
    {
        $this->tries->forget(Tried::Password, self::email($event->getPassport()));
    }

    private static function email(Passport $passport): string
    {
        $badge = $passport->getBadge(UserBadge::class);

        return $badge instanceof UserBadge ? $badge->getUserIdentifier() : '';
    }
}
