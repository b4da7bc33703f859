<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Solving;

use FoxCorner\Core\Problem\ValueProblem;

/** Enough of a team's practices are being solved at this moment. */
final class TooManyWaiting extends ValueProblem
{
    public static function already(int $open): self
    {
        return new self(
            'practice',
            \sprintf('%d of your team’s practices are being solved already', $open),
            'one after the other: wait until one is ready, then press again',
        );
    }
}
