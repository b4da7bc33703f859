<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use Symfony\Component\Cache\Marshaller\DefaultMarshaller;
use Symfony\Component\Cache\Marshaller\MarshallerInterface;

/**
 * Writes figures small: to ten digits, which is far more than any is known to, and packed with the words in mind
 * that all of them share, {@see SharedWords}. A figure of some hundred bytes has hardly a word twice.
 */
final class SmallMarshaller implements MarshallerInterface
{
    private const DIGITS = '10';
    private const LEVEL = 9;

    private readonly MarshallerInterface $plain;

    public function __construct()
    {
        $this->plain = new DefaultMarshaller(false);
    }

    /**
     * @param array<array-key, mixed>      $values
     * @param array<array-key, mixed>|null $failed
     *
     * @return array<array-key, string>
     */
    public function marshall(array $values, ?array &$failed): array
    {
        $before = (string) ini_set('serialize_precision', self::DIGITS);
        try {
            $packed = [];
            /** @var string $written */
            foreach ($this->plain->marshall($values, $failed) as $key => $written) {
                $packed[$key] = self::packed($written);
            }

            return $packed;
        } finally {
            ini_set('serialize_precision', $before);
        }
    }

    /** @throws \DomainException when it was not written by this */
    public function unmarshall(string $value): mixed
    {
        $packed = inflate_init(\ZLIB_ENCODING_RAW, ['dictionary' => SharedWords::all()]);
        $written = false === $packed ? false : @inflate_add($packed, $value, \ZLIB_FINISH);
        if (false === $packed || false === $written || \ZLIB_STREAM_END !== inflate_get_status($packed)) {
            throw new \DomainException('What was kept cannot be unpacked.');
        }

        return $this->plain->unmarshall($written);
    }

    private static function packed(string $written): string
    {
        $packed = deflate_init(\ZLIB_ENCODING_RAW, ['level' => self::LEVEL, 'dictionary' => SharedWords::all()]);

        return false === $packed
            ? throw new \RuntimeException('Nothing can be packed.')
            : (string) deflate_add($packed, $written, \ZLIB_FINISH);
    }
}
