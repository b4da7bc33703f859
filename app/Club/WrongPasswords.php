<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

use Doctrine\DBAL\Connection;
use FoxCorner\App\Shared\Markup\Counted;
use FoxCorner\App\Shared\Time\Instant;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\RequestStack;

/**
 * Slows down guessing, at the door and wherever a password is asked for. Wrong passwords of ten minutes count: five for
 * one account from one network address close that way in, twenty-five from one address close it for everybody there. An
 * account as a whole is closed only by far more, so that nobody can lock a coach out by guessing from elsewhere.
 */
final readonly class WrongPasswords
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

    /** @return string|null what to say while no more are taken for an e-mail; null: go on */
    public function tooMany(string $email): ?string
    {
        [$account, $address] = $this->who($email);
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

        return $left > 0
            ? 'Too many wrong passwords. Try again in ' . Counted::of((int) ceil($left / 60), 'minute') . '.'
            : null;
    }

    public function note(string $email): void
    {
        [$account, $address] = $this->who($email);
        $this->connection->insert('sign_in_failure', [
            'email' => $account,
            'address' => $address,
            'at' => Instant::written($this->clock->now()),
        ]);
        $this->connection->executeStatement('DELETE FROM sign_in_failure WHERE at <= ?', [$this->since()]);
    }

    /** The right one was given. */
    public function forget(string $email): void
    {
        [$account, $address] = $this->who($email);
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

        return null === $last ? 0 : Instant::read($last['at'])->getTimestamp() + self::SECONDS;
    }

    /** @return array{string, string} the account as a fingerprint, and the network address */
    private function who(string $email): array
    {
        return [hash('sha256', Account::normal($email)), $this->requests->getMainRequest()?->getClientIp() ?? ''];
    }

    private function since(): string
    {
        return Instant::written($this->clock->now()->modify(\sprintf('-%d seconds', self::SECONDS)));
    }
}
