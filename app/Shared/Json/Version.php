<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Json;

use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** Which version of its form a stored document has; the first ones did not say that they were. */
final class Version
{
    private const FIRST = 1;

    /** @throws Problem when a later version of the program has written it */
    public static function of(Fields $document, int $newest): int
    {
        $version = $document->whole('version', self::FIRST);

        return $version >= self::FIRST && $version <= $newest
            ? $version
            : throw Refused::because(
                'version',
                "a document of version $version cannot be read",
                self::FIRST === $newest ? "version $newest" : self::FIRST . " to $newest",
            );
    }

    /** A JSON object that says it first of all. */
    public static function said(string $object, int $version): string
    {
        return "{\"version\":$version" . ('{}' === $object ? '' : ',') . substr($object, 1);
    }
}
