<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Address;

/** Paths of this application, as a browser gives them back to us. */
final class OwnPath
{
    /**
     * Whether it stays here: neither another host's address nor one that a browser would take for one.
     *
     * @phpstan-assert-if-true =string $path
     */
    public static function is(mixed $path): bool
    {
        return \is_string($path) && 1 === preg_match('~^/(?![/\\\\])~', $path);
    }
}
