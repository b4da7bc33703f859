<?php

declare(strict_types=1);

namespace FoxCorner\App\Archive;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\People\Happenings;
use FoxCorner\App\Practice\Solving\SolveJob;
use FoxCorner\App\Practice\Solving\SolveKind;
use FoxCorner\App\Practice\Solving\SolveOutcome;
use FoxCorner\App\Practice\Solving\SolveWork;

/** Brings in what somebody has looked over, once. */
final readonly class BringIn implements SolveWork
{
    public function __construct(
        private KeptUpload $kept,
        private ArchiveImport $import,
        private Happenings $happenings,
        private EntityManagerInterface $entities,
    ) {}

    public function kind(): SolveKind
    {
        return SolveKind::BringIn;
    }

    public function do(SolveJob $job): SolveOutcome
    {
        $archive = ArchiveReader::read($this->kept->path($job->by));
        $this->kept->drop($job->by);
        $teams = $this->import->into($archive->isClub() ? null : $job->team->club, $archive, $job->by);
        foreach ($teams as $team) {
            $this->happenings->note($team, $job->by, 'brought the team in from an archive');
        }
        $this->entities->flush();

        return SolveOutcome::found(
            $teams[0]->address(),
            \count($teams) > 1 ? 'The club is here, as it was.' : "The {$teams[0]->name} are here, as they were.",
        );
    }
}
