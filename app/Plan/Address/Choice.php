<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan\Address;

/** One thing that can be picked by a link: what it is called, where it leads, whether it is the one that shows. */
final readonly class Choice
{
    /** @param array<string, string> $address parameters of the route */
    public function __construct(public string $id, public string $label, public array $address, public bool $isHere) {}
}
