<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Solving\Work;

use FoxCorner\App\Practice\LockedTurns;
use FoxCorner\App\Practice\PracticeOrder;
use FoxCorner\App\Practice\PracticeSolver;
use FoxCorner\App\Practice\Setup\SetupCodec;
use FoxCorner\App\Practice\SheetCodec;
use FoxCorner\App\Practice\Solving\OtherSheet;
use FoxCorner\App\Practice\Solving\SolveJob;
use FoxCorner\App\Practice\Solving\SolveKind;
use FoxCorner\App\Practice\Solving\SolveOutcome;
use FoxCorner\App\Practice\Solving\SolveWork;
use FoxCorner\App\Shared\Json\Fields;

/** The coach's hand on the stations: solved again around what he has decided. */
final readonly class ArrangeStations implements SolveWork
{
    /** Points; less is no difference. */
    private const SAME = 1e-6;

    public function __construct(
        private PracticeSolver $solver,
        private SheetCodec $codec,
        private SetupCodec $setups,
        private SolvedPractice $solved,
    ) {}

    public function kind(): SolveKind
    {
        return SolveKind::Arrange;
    }

    public function do(SolveJob $job): SolveOutcome
    {
        $request = Fields::parse($job->request);
        $practice = $this->solved->asSeen($job, $request->whole('version', 0));
        $wish = $practice->wish()->at($practice->startsAt(), $request->text('setup'));
        $setup = $this->setups->read($wish);
        $kept = LockedTurns::of($this->codec->read($practice), $setup->locks);
        $solved = $this->solver->solve(PracticeOrder::of($practice, $setup)->keeping($kept));
        $sheet = $this->codec->write($solved);
        $before = $this->setups->read($practice);
        // Where only the way to it is another, a worse sheet is not kept unasked, and another way is looked at first.
        $isAnother = $setup->seed !== $before->seed;
        if ($setup->asks($before)) {
            $turns = LockedTurns::all($this->codec->read($practice));
            $was = $this->solver->worth(PracticeOrder::of($practice, $setup)->keeping($turns));
            if ($isAnother || $solved->objective < $was - self::SAME) {
                return SolveOutcome::besideTheOld(new OtherSheet($wish->setup, $sheet, $was));
            }
        }

        return $this->solved->keep(
            $job,
            'Solved again: ' . $practice->words(),
            static fn() => $practice->arrange($wish->setup, $sheet),
        );
    }
}
