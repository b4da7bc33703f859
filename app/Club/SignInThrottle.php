<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\Security\Core\Exception\BadCredentialsException;
use Symfony\Component\Security\Core\Exception\CustomUserMessageAuthenticationException;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Authenticator\Passport\Passport;
use Symfony\Component\Security\Http\Event\CheckPassportEvent;
use Symfony\Component\Security\Http\Event\LoginFailureEvent;
use Symfony\Component\Security\Http\Event\LoginSuccessEvent;

/**
 * Slows down guessing. Wrong passwords of ten minutes count: five for one account from one network address close
 * that way in, twenty-five from one address close it for everybody there. An account as a whole is closed only
 * by far more, so that nobody can lock a coach out by guessing from elsewhere.
 */
final readonly class SignInThrottle
{
    private const PER_ACCOUNT_AND_ADDRESS = 5;
    private const PER_ADDRESS = 25;
    private const PER_ACCOUNT = 100;
    private const SECONDS = 600;

    public function __construct(
        private Connection $connection,
        private ClockInterface $clock,
        private RequestStack $requests,
    ) {}

    /** Before the password is looked at, so that a guess costs nothing and tells nothing. */
    #[AsEventListener(priority: 2000)]
    public function beforeCheck(CheckPassportEvent $event): void
    {
        [$account, $address] = $this->who($event->getPassport());
        /** @var list<array{email: string, address: string, at: string}> $failures the latest first */
        $failures = $this->connection->fetchAllAssociative(
            'SELECT email, address, at FROM sign_in_failure WHERE (email = ? OR address = ?) AND at > ? ORDER BY ' .
                'at DESC',
            [$account, $address, $this->since()],
        );
        $closedUntil = max(
            $this->closedUntil(
                $failures,
                self::PER_ACCOUNT_AND_ADDRESS,
                static fn(array $one): bool => $one['email'] === $account && $one['address'] === $address,
            ),
            $this->closedUntil(
                $failures,
                self::PER_ADDRESS,
                static fn(array $one): bool => $one['address'] === $address,
            ),
            $this->closedUntil($failures, self::PER_ACCOUNT, static fn(array $one): bool => $one['email'] === $account),
        );
        $left = $closedUntil - $this->clock->now()->getTimestamp();
        if ($left > 0) {
            $minutes = (int) ceil($left / 60);
            throw new CustomUserMessageAuthenticationException(
                \sprintf(
                    'Too many wrong passwords. Try again in %d %s.',
                    $minutes,
                    1 === $minutes ? 'minute' : 'minutes',
                ),
            );
        }
    }

    /** Only a wrong password is one: a page that was open too long, or a door that is closed, is none. */
    #[AsEventListener]
    public function afterFailure(LoginFailureEvent $event): void
    {
        if (!($event->getException() instanceof BadCredentialsException) || null === $event->getPassport()) {
            return;
        }
        [$account, $address] = $this->who($event->getPassport());
        $this->connection->insert('sign_in_failure', [
            'email' => $account,
            'address' => $address,
            'at' => $this->clock->now()->format('Y-m-d H:i:s'),
        ]);
        $this->connection->executeStatement('DELETE FROM sign_in_failure WHERE at <= ?', [$this->since()]);
    }

    #[AsEventListener]
    public function afterSuccess(LoginSuccessEvent $event): void
    {
        [$account, $address] = $this->who($event->getPassport());
        $this->connection->delete('sign_in_failure', ['email' => $account, 'address' => $address]);
    }

    /**
     * @param list<array{email: string, address: string, at: string}>           $failures the latest first
     * @param callable(array{email: string, address: string, at: string}): bool $counts
     *
     * @return int seconds since 1970; 0 when it is open
     */
    private function closedUntil(array $failures, int $bound, callable $counts): int
    {
        $counted = array_values(array_filter($failures, $counts));
        $last = $counted[$bound - 1] ?? null;

        return null === $last ? 0 : (new \DateTimeImmutable($last['at']))->getTimestamp() + self::SECONDS;
    }

    /** @return array{string, string} the account as a fingerprint, and the network address */
    private function who(Passport $passport): array
    {
        $badge = $passport->getBadge(UserBadge::class);
        $email = $badge instanceof UserBadge ? Account::normal($badge->getUserIdentifier()) : '';

        return [hash('sha256', $email), $this->requests->getMainRequest()?->getClientIp() ?? ''];
    }

    private function since(): string
    {
        return $this->clock->now()->modify(\sprintf('-%d seconds', self::SECONDS))->format('Y-m-d H:i:s');
    }
}
