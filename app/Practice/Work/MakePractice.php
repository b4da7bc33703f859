<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Work;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\PracticeRepository;
use FoxCorner\App\Practice\Book\PracticeWish;
use FoxCorner\App\Practice\Book\SetupCodec;
use FoxCorner\App\Practice\Order\PracticeOrder;
use FoxCorner\App\Practice\Order\PracticeSolver;
use FoxCorner\App\Practice\Sheet\SheetCodec;
use FoxCorner\App\Practice\Solving\SolveJob;
use FoxCorner\App\Practice\Solving\SolveJobs;
use FoxCorner\App\Practice\Solving\SolveKind;
use FoxCorner\App\Practice\Solving\SolveOutcome;
use FoxCorner\App\Practice\Solving\SolveWork;
use Symfony\Component\Uid\Uuid;

/** A practice from the plan. The id was given by the form: pressed twice, it is made once. */
final readonly class MakePractice implements SolveWork
{
    public function __construct(
        private PracticeSolver $solver,
        private SheetCodec $codec,
        private SetupCodec $setups,
        private PracticeRepository $practices,
        private SolveJobs $jobs,
        private EntityManagerInterface $entities,
    ) {}

    public function kind(): SolveKind
    {
        return SolveKind::Make;
    }

    public function do(SolveJob $job): SolveOutcome
    {
        $wish = PracticeWish::read($job->request);
        if (null !== $this->practices->inTeam($job->team, $job->practice)) {
            return SolveOutcome::done();
        }
        $sheet = $this->solver->solve(PracticeOrder::wished($job->team, $wish, $this->setups->read($wish)));
        if ($this->jobs->isWanted($job)) {
            $this->entities->persist(
                new Practice($job->team, $wish, $this->codec->write($sheet), Uuid::fromString($job->practice)),
            );
            $this->entities->flush();
        }

        return SolveOutcome::done();
    }
}
