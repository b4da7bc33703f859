<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Live;

use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\Core\Problem\Meanwhile;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** Keeps a sheet from being changed that is not what somebody saw, or that is run already. */
final readonly class PracticeAsSeen
{
    public function __construct(private RunRepository $runs) {}

    /**
     * @param string $version of the practice that was seen
     *
     * @throws Problem
     */
    public function check(Practice $practice, string $version): void
    {
        if ($version !== (string) $practice->version()) {
            throw Meanwhile::changedSince('practice');
        }
        if (true === $this->runs->of($practice)?->clock()->isStarted()) {
            throw Refused::because(
                'practice',
                'it has begun',
                'changes on the page of the run: who is late, who leaves, next, skip',
            );
        }
    }
}
