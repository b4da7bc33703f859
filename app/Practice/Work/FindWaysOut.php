<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Work;

use FoxCorner\App\Practice\Book\SetupCodec;
use FoxCorner\App\Practice\Order\PracticeOrder;
use FoxCorner\App\Practice\Order\PracticeSolver;
use FoxCorner\App\Practice\Solving\SolveJob;
use FoxCorner\App\Practice\Solving\SolveKind;
use FoxCorner\App\Practice\Solving\SolveOutcome;
use FoxCorner\App\Practice\Solving\SolveWork;

/** What one helper, piece or round more would bring: each is tried. */
final readonly class FindWaysOut implements SolveWork
{
    public function __construct(
        private PracticeSolver $solver,
        private SetupCodec $setups,
        private SolvedPractice $solved,
    ) {}

    public function kind(): SolveKind
    {
        return SolveKind::Ways;
    }

    public function do(SolveJob $job): SolveOutcome
    {
        $practice = $this->solved->of($job);

        return SolveOutcome::done(
            figures: $this->solver->waysOut(PracticeOrder::of($practice, $this->setups->read($practice))),
        );
    }
}
