<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Security\Core\Exception\BadCredentialsException;
use Symfony\Component\Security\Core\Exception\CustomUserMessageAuthenticationException;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Authenticator\Passport\Passport;
use Symfony\Component\Security\Http\Event\CheckPassportEvent;
use Symfony\Component\Security\Http\Event\LoginFailureEvent;
use Symfony\Component\Security\Http\Event\LoginSuccessEvent;

/** Counts wrong passwords at the door. */
final readonly class SignInThrottle
{
    public function __construct(private WrongPasswords $wrong) {}

    /** Before the password is looked at, so that a guess costs nothing and tells nothing. */
    #[AsEventListener(priority: 2000)]
    public function beforeCheck(CheckPassportEvent $event): void
    {
        $words = $this->wrong->tooMany(self::email($event->getPassport()));
        if (null !== $words) {
            throw new CustomUserMessageAuthenticationException($words);
        }
    }

    /** Only a wrong password is one: a page that was open too long, or a door that is closed, is none. */
    #[AsEventListener]
    public function afterFailure(LoginFailureEvent $event): void
    {
        $passport = $event->getPassport();
        if ($event->getException() instanceof BadCredentialsException && null !== $passport) {
            $this->wrong->note(self::email($passport));
        }
    }

    #[AsEventListener]
    public function afterSuccess(LoginSuccessEvent $event): void
    {
        $this->wrong->forget(self::email($event->getPassport()));
    }

    private static function email(Passport $passport): string
    {
        $badge = $passport->getBadge(UserBadge::class);

        return $badge instanceof UserBadge ? $badge->getUserIdentifier() : '';
    }
}
