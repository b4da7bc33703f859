<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Solving;

use FoxCorner\Core\Problem\Problem;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** One kind of work: what it solves and what it keeps of that. */
#[AutoconfigureTag]
interface SolveWork
{
    public function kind(): SolveKind;

    /** @throws Problem when it cannot be done as asked; nothing is kept then */
    public function do(SolveJob $job): SolveOutcome;
}
