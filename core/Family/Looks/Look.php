<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Looks;

/** What a pitcher does before one pitch: how often he looks at the runner, and how long he holds the ball. */
final readonly class Look
{
    /** @param float $hold s from the set to the first move */
    public function __construct(public int $looks, public float $hold) {}
}
