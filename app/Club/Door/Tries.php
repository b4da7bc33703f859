<?php

declare(strict_types=1);

namespace FoxCorner\App\Club\Door;

use Doctrine\DBAL\Connection;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Shared\Database\OneAtATime;
use FoxCorner\App\Shared\Markup\Counted;
use FoxCorner\App\Shared\Time\Instant;
use FoxCorner\Core\Problem\Problem;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\RequestStack;

/**
 * Slows down guessing, at the door and wherever a password is asked for. What was tried within ten minutes counts: a
 * few for one account from one network address close that way in, more from one address close it for everybody there.
 * An account as a whole is closed only by far more. A try is counted before it is judged, one after the other, and
 * forgotten when it was right: so twenty at the same moment are twenty.
 */
final readonly class Tries
{
    /** s */
    private const COUNTS_FOR = 600;

    public function __construct(
        private Connection $connection,
        private ClockInterface $clock,
        private RequestStack $requests,
        private OneAtATime $one,
    ) {}

    /** @return string|null what to say while no more are taken for an e-mail; null: it is counted, go on */
    public function begin(Tried $what, string $email): ?string
    {
        try {
            return $this->one->run('tries', function () use ($what, $email): ?string {
                $words = $this->tooMany($what, $email);
                if (null === $words) {
                    $this->count($what, $email);
                }

                return $words;
            });
        } catch (Problem $problem) {
            return $problem->sentence();
        }
    }

    /** It was the right one. */
    public function forget(Tried $what, string $email): void
    {
        [$account, $address] = $this->who($email);
        $this->connection->delete('sign_in_failure', [
            'kind' => $what->value,
            'email' => $account,
            'address' => $address,
        ]);
    }

    private function tooMany(Tried $what, string $email): ?string
    {
        [$account, $address] = $this->who($email);
        /** @var list<array{email: string, address: string, at: string}> $tries the latest first */
        $tries = $this->connection->fetchAllAssociative(
            'SELECT email, address, at FROM sign_in_failure WHERE kind = ? AND (email = ? OR address = ?) AND at > ? ' .
                'ORDER BY at DESC, id DESC',
            [$what->value, $account, $address, $this->since()],
        );
        $ofAccount = static fn(array $one): bool => $one['email'] === $account;
        $fromAddress = static fn(array $one): bool => $one['address'] === $address;
        $closedUntil = max(
            self::closedUntil(
                $tries,
                $what->perAccountAndAddress(),
                static fn(array $one): bool => $ofAccount($one) && $fromAddress($one),
            ),
            self::closedUntil($tries, $what->perAddress(), $fromAddress),
            self::closedUntil($tries, $what->perAccount(), $ofAccount),
        );
        $left = $closedUntil - $this->clock->now()->getTimestamp();

        return $left > 0
            ? "{$what->tooMany()}. Try again in " . Counted::of((int) ceil($left / 60), 'minute') . '.'
            : null;
    }

    private function count(Tried $what, string $email): void
    {
        [$account, $address] = $this->who($email);
        $this->connection->insert('sign_in_failure', [
            'kind' => $what->value,
            'email' => $account,
            'address' => $address,
            'at' => Instant::written($this->clock->now()),
        ]);
        $this->connection->executeStatement('DELETE FROM sign_in_failure WHERE at <= ?', [$this->since()]);
    }

    /**
     * @param list<array{email: string, address: string, at: string}>           $tries  the latest first
     * @param callable(array{email: string, address: string, at: string}): bool $counts
     *
     * @return int seconds since 1970; 0 when it is open
     */
    private static function closedUntil(array $tries, int $bound, callable $counts): int
    {
        $counted = array_values(array_filter($tries, $counts));
        $last = $counted[$bound - 1] ?? null;

        return null === $last ? 0 : Instant::read($last['at'])->getTimestamp() + self::COUNTS_FOR;
    }

    /** @return array{string, string} the account as a fingerprint, and the network address */
    private function who(string $email): array
    {
        return [hash('sha256', Account::normal($email)), $this->requests->getMainRequest()?->getClientIp() ?? ''];
    }

    private function since(): string
    {
        return Instant::written(Instant::later($this->clock->now(), -self::COUNTS_FOR));
    }
}
