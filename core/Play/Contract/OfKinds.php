<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Contract;

use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Trial;

/** What a {@see PlayFamily} says of which the other side has a handful of kinds: no map, none that is rarer. */
trait OfKinds
{
    public function isReadByOthers(): bool
    {
        return false;
    }

    public function rareTrials(Scene $scene): iterable
    {
        return [];
    }

    public function spots(Scene $scene, Trial $like): array
    {
        return [];
    }

    public function checks(): array
    {
        return [];
    }
}
