<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Work;

use FoxCorner\App\Practice\Book\SetupCodec;
use FoxCorner\App\Practice\Order\PracticeOrder;
use FoxCorner\App\Practice\Order\PracticeSolver;
use FoxCorner\App\Practice\Sheet\LockedTurns;
use FoxCorner\App\Practice\Sheet\SheetCodec;
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
    /** Beginnings that are tried when another way came to the same sheet. */
    private const AGAIN = 4;

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
        $order = PracticeOrder::of($practice, $setup);
        $old = $this->codec->read($practice);
        $locks = LockedTurns::of($old, $setup->locks);
        $solved = $this->solver->solve($order->keeping($locks));
        $before = $this->setups->read($practice);
        // Where only the way to it is another, a worse sheet is not kept unasked, and another way is looked at first.
        $isAnother = $setup->seed !== $before->seed;
        $known = $this->codec->write($old);
        $sheet = $this->codec->write($solved);
        for ($again = 0; $isAnother && $sheet === $known && $again < self::AGAIN; ++$again) {
            $setup = $setup->withSeed($setup->seed + 1);
            $wish = $practice->wish()->at($practice->startsAt(), $this->setups->write($setup));
            $order = PracticeOrder::of($practice, $setup);
            $solved = $this->solver->solve($order->keeping($locks));
            $sheet = $this->codec->write($solved);
        }
        if ($setup->asks($before)) {
            $was = $this->solver->worth($order->keeping(LockedTurns::all($old)));
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
