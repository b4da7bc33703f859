<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Solving\Solve;
use FoxCorner\App\Practice\Solving\SolveHandler;
use FoxCorner\App\Practice\Solving\SolveJob;

/** Practices that wait for a worker. */
trait SolvingJobs
{
    private function practice(): Practice
    {
        return $this->entities()
            ->getRepository(Practice::class)
            ->findBy(['team' => $this->team()], ['startsAt' => 'DESC'])[0];
    }

    /** It is put, worked on and looked at. */
    private function answered(SolveJob $job): void
    {
        $this->entities()->persist($job);
        $this->entities()->flush();
        self::getContainer()->get(SolveHandler::class)(new Solve());
        $this->entities()->clear();
        $this->open($this->team(), "/practice/solving/{$job->id()}");
        $this->browser->followRedirect();
    }
}
