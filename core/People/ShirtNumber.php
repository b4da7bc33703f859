<?php

declare(strict_types=1);

namespace FoxCorner\Core\People;

use FoxCorner\Core\Problem\NoNumber;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;

/** What a shirt says: "0" to "99", and "00", which is another than "0". */
final class ShirtNumber
{
    public const ALLOWED = '0 to 99, or 00';

    /** @throws Problem when no shirt says that */
    public static function check(string $typed): string
    {
        if ('00' === $typed) {
            return $typed;
        }
        if (1 !== preg_match('/^-?\d{1,5}$/', $typed)) {
            throw NoNumber::whole('number', self::ALLOWED, $typed);
        }

        return (string) (int) OutOfRange::unlessBetween('number', (float) $typed, 0, 99, 'on the shirt, or 00');
    }
}
