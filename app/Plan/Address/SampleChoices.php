<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan\Address;

/** The trials of a family's sample, to pick from. */
final readonly class SampleChoices
{
    /** @param list<Choice> $trials */
    public function __construct(public array $trials) {}
}
