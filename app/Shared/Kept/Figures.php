<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Kept;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception;
use Psr\Cache\CacheItemInterface;
use Psr\Cache\CacheItemPoolInterface;
use Symfony\Component\DependencyInjection\Attribute\Target;

/**
 * What the core has reckoned, kept by all that it depends on: in the database, small, and before it in the memory of
 * the machine. The core is a pure function of that, so nothing ever has to be invalidated; another edition of the
 * program looks for its own.
 *
 * What cannot be read, or is not what it should be, counts as not there. Keeping may fail: then it is reckoned again.
 */
final readonly class Figures
{
    public function __construct(
        #[Target('figures')] private CacheItemPoolInterface $pool,
        private Connection $connection,
    ) {}

    /**
     * @template T of object
     *
     * @param class-string<T> $kind
     * @param string          $mark   {@see \FoxCorner\App\Plan\Codec\Fingerprint}
     * @param callable(): T   $reckon
     *
     * @return T
     */
    public function get(string $kind, string $mark, callable $reckon): object
    {
        $item = $this->pool->getItem(self::key($kind, $mark));
        $found = self::read($item, $kind);
        if (null === $found) {
            $found = $reckon();
            $this->pool->save($item->set($found));
        }

        return $found;
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $kind
     *
     * @return T|null
     */
    public function known(string $kind, string $mark): ?object
    {
        return self::read($this->pool->getItem(self::key($kind, $mark)), $kind);
    }

    /**
     * Of many those that are there, asked for at once.
     *
     * @template T of object
     *
     * @param class-string<T> $kind
     * @param list<string>    $marks
     *
     * @return array<string, T> by mark
     */
    public function allKnown(string $kind, array $marks): array
    {
        $keys = array_combine(array_map(static fn(string $mark): string => self::key($kind, $mark), $marks), $marks);
        $known = [];
        /** @var iterable<string, CacheItemInterface> $items */
        $items = $this->pool->getItems(array_keys($keys));
        foreach ($items as $key => $item) {
            $found = self::read($item, $kind);
            if (null !== $found) {
                $known[$keys[$key]] = $found;
            }
        }

        return $known;
    }

    /** @param array<string, object> $figures of one kind, by mark */
    public function keep(string $kind, array $figures): void
    {
        if ([] === $figures) {
            return;
        }
        foreach ($figures as $mark => $figure) {
            $this->pool->saveDeferred($this->pool->getItem(self::key($kind, $mark))->set($figure));
        }
        try {
            // One write to the disk for all of them.
            $this->connection->transactional(fn(): bool => $this->pool->commit());
        } catch (Exception) {
            // The database is away, or read only: whoever asks next reckons.
        }
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $kind
     *
     * @return T|null
     */
    private static function read(CacheItemInterface $item, string $kind): ?object
    {
        $value = $item->isHit() ? $item->get() : null;

        return $value instanceof $kind ? $value : null;
    }

    private static function key(string $kind, string $mark): string
    {
        return substr($kind, (int) strrpos($kind, '\\') + 1) . "-$mark";
    }
}
