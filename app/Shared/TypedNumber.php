<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared;

use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** A number as somebody types it: with a comma or a point. */
final class TypedNumber
{
    /** @throws Problem when it is none, with the text as it was typed */
    public static function read(string $text, string $field, string $allowed = 'a number'): float
    {
        $typed = trim($text);
        $number = str_replace(',', '.', $typed);

        return is_numeric($number)
            ? (float) $number
            : throw Refused::because($field, '' === $typed ? 'it is empty' : "\"$typed\" is not a number", $allowed);
    }
}
