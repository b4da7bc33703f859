<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Live;

/** Where a practice is at a moment. */
final readonly class RunMoment
{
    /**
     * @param int $index of the block that runs; the number of blocks when all are over
     * @param int $left  ms of it
     */
    public function __construct(public int $index, public int $left) {}
}
