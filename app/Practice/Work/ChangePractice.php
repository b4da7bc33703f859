<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Work;

use FoxCorner\App\Practice\Book\PracticeWish;
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

/** A practice with other people, minutes or things to work with: solved again around what is locked. */
final readonly class ChangePractice implements SolveWork
{
    public function __construct(
        private PracticeSolver $solver,
        private SheetCodec $codec,
        private SetupCodec $setups,
        private SolvedPractice $solved,
    ) {}

    public function kind(): SolveKind
    {
        return SolveKind::Change;
    }

    public function do(SolveJob $job): SolveOutcome
    {
        $practice = $this->solved->asSeen($job, Fields::parse($job->request)->whole('version', 0));
        $wish = PracticeWish::read($job->request);
        $setup = $this->setups->read($wish);
        $kept = LockedTurns::of($this->codec->read($practice), $setup->locks);
        $sheet = $this->codec->write(
            $this->solver->solve(PracticeOrder::wished($job->team, $wish, $setup)->keeping($kept)),
        );

        return $this->solved->keep(
            $job,
            'Changed: ' . $practice->words(),
            static fn() => $practice->change($wish, $sheet),
        );
    }
}
