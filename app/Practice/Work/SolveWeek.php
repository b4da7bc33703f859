<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Work;

use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\PracticeRepository;
use FoxCorner\App\Practice\Book\SetupCodec;
use FoxCorner\App\Practice\Live\PracticeAsSeen;
use FoxCorner\App\Practice\Order\PracticeOrder;
use FoxCorner\App\Practice\Order\PracticeSolver;
use FoxCorner\App\Practice\Sheet\LockedTurns;
use FoxCorner\App\Practice\Sheet\SheetCodec;
use FoxCorner\App\Practice\Solving\SolveJob;
use FoxCorner\App\Practice\Solving\SolveJobs;
use FoxCorner\App\Practice\Solving\SolveKind;
use FoxCorner\App\Practice\Solving\SolveOutcome;
use FoxCorner\App\Practice\Solving\SolveWork;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** The practices of a week that are to come, solved together around what is locked in each; one step takes all back. */
final readonly class SolveWeek implements SolveWork
{
    public function __construct(
        private PracticeRepository $practices,
        private PracticeSolver $solver,
        private SheetCodec $codec,
        private SetupCodec $setups,
        private PracticeAsSeen $asSeen,
        private SolveJobs $jobs,
        private SolvedPractice $solved,
    ) {}

    public function kind(): SolveKind
    {
        return SolveKind::Week;
    }

    public function do(SolveJob $job): SolveOutcome
    {
        $practices = $this->asked($job);
        [$sheets, $once, $share] = $this->solver->week(
            array_map($this->order(...), $practices),
            fn(int $done, int $steps): bool => $this->jobs->goesOn($job, $done, $steps),
        );

        return $this->solved->keep(
            $job,
            'The practices of a week solved together',
            function () use ($practices, $sheets): void {
                foreach ($practices as $index => $practice) {
                    $practice->arrange($practice->setup(), $this->codec->write($sheets[$index]));
                }
            },
            \sprintf(
                '%s solved together: %d %% of all floors met%s.',
                1 === \count($practices) ? 'The practice is' : \count($practices) . ' practices are',
                floor(100 * $share),
                $share > $once ? \sprintf(', %.1f more than one after the other', 100 * ($share - $once)) : '',
            ),
            $practices,
        );
    }

    /**
     * @return non-empty-list<Practice> the first first
     *
     * @throws Problem when there is none any more, or one is not what was seen
     */
    private function asked(SolveJob $job): array
    {
        $practices = [];
        foreach (Fields::parse($job->request)->objects('practices') as $one) {
            $practice = $this->practices->inTeam($job->team, $one->text('id'));
            if (null !== $practice) {
                $this->asSeen->check($practice, (string) $one->whole('version', 0));
                $practices[] = $practice;
            }
        }

        return [] === $practices
            ? throw Refused::because('week', 'no practice of it is to come', 'a week with a practice')
            : $practices;
    }

    private function order(Practice $practice): PracticeOrder
    {
        $setup = $this->setups->read($practice);

        return PracticeOrder::of($practice, $setup)->keeping(
            LockedTurns::of($this->codec->read($practice), $setup->locks),
        );
    }
}
