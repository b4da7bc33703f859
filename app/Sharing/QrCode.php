<?php

declare(strict_types=1);

namespace FoxCorner\App\Sharing;

use Symfony\Component\Process\Process;

/** An address as a square that a phone reads; drawn by Debian's qrencode. */
final class QrCode
{
    private const SECONDS = 3;

    /** @return string|null a picture's address with the picture in it; null where the program is missing */
    public static function of(string $address): ?string
    {
        $draws = new Process(
            ['qrencode', '-t', 'SVG', '-l', 'M', '-m', '2', '-o', '-', $address],
            timeout: self::SECONDS,
        );
        $draws->run();

        return $draws->isSuccessful() ? 'data:image/svg+xml;base64,' . base64_encode($draws->getOutput()) : null;
    }
}
