<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan\Codec;

use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/**
 * Brings a plan's document to the present version, one step after the other; the stored one stays as it is until it is
 * changed.
 */
final class PlanVersions
{
    /** @throws Problem when a later version of the program has written it */
    public static function current(Fields $document): Fields
    {
        // The first version did not say that it was.
        $version = $document->whole('version', 1);
        if ($version > BookCodec::VERSION || $version < 1) {
            throw Refused::because(
                'version',
                "a document of version $version cannot be read",
                'version 1 to ' . BookCodec::VERSION,
            );
        }

        return 1 === $version ? FirstVersion::upgraded($document) : $document;
    }
}
