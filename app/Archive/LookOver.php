<?php

declare(strict_types=1);

namespace FoxCorner\App\Archive;

use FoxCorner\App\Practice\Solving\SolveJob;
use FoxCorner\App\Practice\Solving\SolveKind;
use FoxCorner\App\Practice\Solving\SolveOutcome;
use FoxCorner\App\Practice\Solving\SolveWork;

/** Reads an archive to its end, by the rules of the pages, and says what is in it. */
final readonly class LookOver implements SolveWork
{
    public function __construct(private KeptUpload $kept) {}

    public function kind(): SolveKind
    {
        return SolveKind::Look;
    }

    public function do(SolveJob $job): SolveOutcome
    {
        return SolveOutcome::found(ArchiveReader::read($this->kept->path($job->by))->summary()->write());
    }
}
