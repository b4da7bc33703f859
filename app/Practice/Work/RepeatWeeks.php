<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Work;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\PracticeDraft;
use FoxCorner\App\Practice\Book\SetupCodec;
use FoxCorner\App\Practice\Book\TakenField;
use FoxCorner\App\Practice\Order\PracticeOrder;
use FoxCorner\App\Practice\Order\PracticeSolver;
use FoxCorner\App\Practice\Sheet\SheetCodec;
use FoxCorner\App\Practice\Solving\SolveJob;
use FoxCorner\App\Practice\Solving\SolveJobs;
use FoxCorner\App\Practice\Solving\SolveKind;
use FoxCorner\App\Practice\Solving\SolveOutcome;
use FoxCorner\App\Practice\Solving\SolveWork;
use FoxCorner\App\Shared\Json\Fields;

/** The same hour again in the weeks to come, each solved for what will be needed then. */
final readonly class RepeatWeeks implements SolveWork
{
    public function __construct(
        private PracticeSolver $solver,
        private SheetCodec $codec,
        private SetupCodec $setups,
        private SolvedPractice $solved,
        private TakenField $field,
        private SolveJobs $jobs,
        private EntityManagerInterface $entities,
    ) {}

    public function kind(): SolveKind
    {
        return SolveKind::Repeat;
    }

    public function do(SolveJob $job): SolveOutcome
    {
        $practice = $this->solved->of($job);
        // Stations are chosen anew: what is fresh by then is needed less.
        $setup = PracticeDraft::of($practice, $this->setups->read($practice))->setup();
        $made = 0;
        $taken = [];
        for (
            $week = 1;
            $week <= Fields::parse($job->request)->whole('weeks', 1) && $this->jobs->isWanted($job);
            ++$week
        ) {
            $wish = $practice->wish()->at($practice->startsAt()->modify("+$week weeks"), $this->setups->write($setup));
            if (null !== $this->field->by($job->team, $wish->startsAt, $wish->endsAt())) {
                $taken[] = $wish->startsAt->format('j M');
                continue;
            }
            $sheet = $this->solver->solve(PracticeOrder::wished($job->team, $wish, $setup));
            $this->entities->persist(new Practice($job->team, $wish, $this->codec->write($sheet)));
            $this->entities->flush();
            ++$made;
        }

        return SolveOutcome::done(
            \sprintf('%d more %s made.', $made, 1 === $made ? 'practice is' : 'practices are') .
                ([] === $taken ? '' : ' The field is taken on ' . implode(', ', $taken) . '.'),
            figures: ['taken' => (float) \count($taken)],
        );
    }
}
