<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play;

use FoxCorner\Core\People\Position;

/** A job given to a position. */
final readonly class Assignment
{
    public function __construct(public Position $position, public Job $job)
    {
    }
}
