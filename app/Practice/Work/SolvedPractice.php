<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Work;

use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\PracticeRepository;
use FoxCorner\App\Practice\Live\PracticeAsSeen;
use FoxCorner\App\Practice\Solving\SolveJob;
use FoxCorner\App\Practice\Solving\SolveJobs;
use FoxCorner\App\Practice\Solving\SolveOutcome;
use FoxCorner\App\Undo\Undo;
use FoxCorner\App\Undo\Watched;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** Keeps what was solved for a practice, unless it has been changed by then; the earlier sheet stays at hand. */
final readonly class SolvedPractice
{
    public function __construct(
        private PracticeRepository $practices,
        private PracticeAsSeen $asSeen,
        private SolveJobs $jobs,
        private Undo $undo,
    ) {}

    /** @throws Problem when it is not there any more */
    public function of(SolveJob $job): Practice
    {
        return $this->practices->inTeam($job->team, $job->practice) ??
            throw Refused::because('practice', 'it has been taken off', 'another practice');
    }

    /** @throws Problem when it is not what was seen, or runs already */
    public function asSeen(SolveJob $job, int $version): Practice
    {
        $practice = $this->of($job);
        $this->asSeen->check($practice, (string) $version);

        return $practice;
    }

    /**
     * @param callable(): mixed $change
     * @param list<Practice>    $practices that it changes; empty: the one that was asked for
     */
    public function keep(
        SolveJob $job,
        string $words,
        callable $change,
        string $done = '',
        array $practices = [],
    ): SolveOutcome {
        if (!$this->jobs->isWanted($job)) {
            return SolveOutcome::done();
        }
        $step = $this->undo->record(
            $job->team,
            $job->by,
            $words,
            array_map(
                static fn(Practice $one): Watched => Watched::row('practice', $one->id()),
                [] === $practices ? [$this->of($job)] : $practices,
            ),
            static function () use ($change): void {
                $change();
            },
        );

        return SolveOutcome::done('' === $done ? $words . '.' : $done, $step?->id()->toRfc4122());
    }
}
