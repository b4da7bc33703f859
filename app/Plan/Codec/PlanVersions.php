<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan\Codec;

use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\App\Shared\Json\Version;
use FoxCorner\Core\Problem\Problem;

/**
 * Brings a plan's document to the present version, one step after the other; the stored one stays as it is until it is
 * changed.
 */
final class PlanVersions
{
    /** @throws Problem when a later version of the program has written it */
    public static function current(Fields $document): Fields
    {
        $version = Version::of($document, BookCodec::VERSION);
        $document = 1 === $version ? FirstVersion::upgraded($document) : $document;

        $document = $version < 3 ? SecondVersion::upgraded($document) : $document;

        return $version < 4 ? ThirdVersion::upgraded($document) : $document;
    }
}
