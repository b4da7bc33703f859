<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan\Address;

use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** Two numbers in an address, as in "-20,30". */
final class TwoNumbers
{
    /**
     * @return array{float, float}
     *
     * @throws Problem
     */
    public static function read(string $field, string $value, string $allowed): array
    {
        if (1 !== preg_match('/^(-?\d{1,3}(?:\.\d+)?),(-?\d{1,3}(?:\.\d+)?)$/', $value, $parts)) {
            throw Refused::because($field, \sprintf('"%s" cannot be read', $value), $allowed);
        }

        return [(float) $parts[1], (float) $parts[2]];
    }
}
