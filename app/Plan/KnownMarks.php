<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

/** Fingerprints of what many figures depend on, each reckoned once: a cast is the same for all plays of a plan. */
final readonly class KnownMarks
{
    /** @var \WeakMap<object, string> */
    private \WeakMap $known;

    public function __construct()
    {
        $this->known = new \WeakMap();
    }

    /** @param object ...$parts that never change */
    public function of(object ...$parts): string
    {
        return implode(
            '-',
            array_map(fn(object $part): string => $this->known[$part] ??= Fingerprint::of($part), $parts),
        );
    }
}
