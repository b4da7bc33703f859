<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared;

use FoxCorner\Core\Problem\NoNumber;
use FoxCorner\Core\Problem\Problem;

/** A number as somebody types it: with a comma or a point. */
final class TypedNumber
{
    /** @throws Problem when it is none, with the text as it was typed */
    public static function read(string $text, string $field, string $allowed = 'a number'): float
    {
        $typed = trim($text);
        $number = str_replace(',', '.', $typed);

        return is_numeric($number) ? (float) $number : throw NoNumber::at($field, $allowed, $typed);
    }
}
