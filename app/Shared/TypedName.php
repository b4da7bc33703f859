<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared;

use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** The name of somebody or something, as it is typed. */
final class TypedName
{
    /**
     * @param string $field as the message names it
     * @param int    $most  letters, as many as its column takes
     *
     * @throws Problem when nothing is typed, or too much
     */
    public static function of(string $typed, string $field, int $most): string
    {
        $name = trim($typed);
        $letters = mb_strlen($name);

        return $letters > 0 && $letters <= $most
            ? $name
            : throw Refused::because(
                $field,
                0 === $letters ? 'it is empty' : \sprintf('it has %d letters', $letters),
                \sprintf('1 to %d letters', $most),
            );
    }
}
