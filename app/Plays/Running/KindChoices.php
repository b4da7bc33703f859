<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Running;

/** What can be picked of such a play. */
final readonly class KindChoices
{
    /** @param list<ChoiceGroup> $groups */
    public function __construct(public array $groups) {}
}
