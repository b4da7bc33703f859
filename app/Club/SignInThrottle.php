<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\Security\Core\Exception\CustomUserMessageAuthenticationException;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Authenticator\Passport\Passport;
use Symfony\Component\Security\Http\Event\CheckPassportEvent;
use Symfony\Component\Security\Http\Event\LoginFailureEvent;
use Symfony\Component\Security\Http\Event\LoginSuccessEvent;

/**
 * Slows down guessing: after five wrong passwords for one e-mail, or twenty-five from one address, in
 * ten minutes, nobody gets in by that e-mail or from that address until they have passed.
 */
final readonly class SignInThrottle
{
    private const PER_EMAIL = 5;
    private const PER_ADDRESS = 25;
    private const MINUTES = 10;

    public function __construct(private Connection $connection, private ClockInterface $clock, private RequestStack $requests)
    {
    }

    /** Before the password is looked at, so that a guess costs nothing and tells nothing. */
    #[AsEventListener(priority: 2000)]
    public function beforeCheck(CheckPassportEvent $event): void
    {
        [$email, $address] = $this->who($event->getPassport());
        $row = $this->connection->fetchNumeric(
            'SELECT COUNT(CASE WHEN email = ? THEN 1 END), COUNT(CASE WHEN address = ? THEN 1 END) FROM sign_in_failure WHERE at > ?',
            [$email, $address, $this->since()],
        );
        [$perEmail, $perAddress] = false === $row ? [0, 0] : $row;
        if ($perEmail >= self::PER_EMAIL || $perAddress >= self::PER_ADDRESS) {
            throw new CustomUserMessageAuthenticationException(\sprintf('Too many wrong passwords. Try again in %d minutes.', self::MINUTES));
        }
    }

    #[AsEventListener]
    public function afterFailure(LoginFailureEvent $event): void
    {
        if ($event->getException() instanceof CustomUserMessageAuthenticationException || null === $event->getPassport()) {
            return;
        }
        [$email, $address] = $this->who($event->getPassport());
        $this->connection->insert('sign_in_failure', ['email' => $email, 'address' => $address, 'at' => $this->clock->now()->format('Y-m-d H:i:s')]);
        $this->connection->executeStatement('DELETE FROM sign_in_failure WHERE at <= ?', [$this->since()]);
    }

    #[AsEventListener]
    public function afterSuccess(LoginSuccessEvent $event): void
    {
        $this->connection->delete('sign_in_failure', ['email' => $this->who($event->getPassport())[0]]);
    }

    /** @return array{string, string} the e-mail as a fingerprint, and the network address */
    private function who(Passport $passport): array
    {
        $badge = $passport->getBadge(UserBadge::class);
        $email = $badge instanceof UserBadge ? mb_strtolower($badge->getUserIdentifier()) : '';

        return [hash('sha256', $email), $this->requests->getMainRequest()?->getClientIp() ?? ''];
    }

    private function since(): string
    {
        return $this->clock->now()->modify(\sprintf('-%d minutes', self::MINUTES))->format('Y-m-d H:i:s');
    }
}
