<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Solving;

/** Tells the workers that there is something to do. */
final readonly class Solve
{
    /** @param string $job its id */
    public function __construct(public string $job)
    {
    }
}
