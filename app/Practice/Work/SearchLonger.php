<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Work;

use FoxCorner\App\Practice\Book\SetupCodec;
use FoxCorner\App\Practice\Order\PracticeOrder;
use FoxCorner\App\Practice\Order\PracticeSolver;
use FoxCorner\App\Practice\Sheet\LockedTurns;
use FoxCorner\App\Practice\Sheet\SheetCodec;
use FoxCorner\App\Practice\Solving\SolveJob;
use FoxCorner\App\Practice\Solving\SolveKind;
use FoxCorner\App\Practice\Solving\SolveOutcome;
use FoxCorner\App\Practice\Solving\SolveWork;
use FoxCorner\App\Shared\Json\Fields;

/** One more try from another beginning; what is better is kept. */
final readonly class SearchLonger implements SolveWork
{
    public function __construct(
        private PracticeSolver $solver,
        private SheetCodec $codec,
        private SetupCodec $setups,
        private SolvedPractice $solved,
    ) {}

    public function kind(): SolveKind
    {
        return SolveKind::Search;
    }

    public function do(SolveJob $job): SolveOutcome
    {
        $practice = $this->solved->of($job);
        $this->solved->asSeen($job, $practice->version());
        $setup = $this->setups->read($practice);
        $before = $this->codec->read($practice);
        $other = $setup->withSeed($setup->seed + max(1, Fields::parse($job->request)->whole('try', 1)));
        $sheet = $this->solver->solve(
            PracticeOrder::of($practice, $other)->keeping(LockedTurns::of($before, $setup->locks)),
        );
        if ($sheet->objective > $before->objective) {
            $better = $this->codec->write($sheet);
            $this->solved->keep(
                $job,
                'A better way found: ' . $practice->words(),
                static fn() => $practice->arrange($practice->setup(), $better),
            );
        }

        return SolveOutcome::done(
            figures: ['before' => $before->objective, 'best' => max($before->objective, $sheet->objective)],
        );
    }
}
