<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan\Codec;

/** A short mark of a part of the plan: a page carries it along to say what it showed, figures are kept by it. */
final class Fingerprint
{
    public static function of(mixed $part): string
    {
        return hash('xxh128', serialize($part));
    }
}
