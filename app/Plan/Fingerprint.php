<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

/** A short mark of a part of the plan, which a page carries along to say what it showed. */
final class Fingerprint
{
    public static function of(mixed $part): string
    {
        return hash('xxh64', serialize($part));
    }
}
