<?php

declare(strict_types=1);

namespace FoxCorner\App\Sharing;

use Symfony\Component\Process\Process;
use Symfony\Contracts\Cache\CacheInterface;

/** An address as a square that a phone reads; drawn by Debian's qrencode. */
final readonly class QrCode
{
    private const SECONDS = 3;

    public function __construct(private CacheInterface $cache) {}

    /** @return string|null a picture's address with the picture in it; null where the program is missing */
    public function of(string $address): ?string
    {
        // The same address is the same square: nothing ever has to be drawn anew.
        return $this->cache->get('square-' . hash('xxh128', $address), static function () use ($address): ?string {
            $draws = new Process(
                ['qrencode', '-t', 'SVG', '-l', 'M', '-m', '2', '-o', '-', $address],
                timeout: self::SECONDS,
            );
            $draws->run();

            return $draws->isSuccessful() ? 'data:image/svg+xml;base64,' . base64_encode($draws->getOutput()) : null;
        });
    }
}
