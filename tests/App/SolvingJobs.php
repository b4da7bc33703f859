<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Practice\Book\Practice;

/** Practices that wait for a worker. */
trait SolvingJobs
{
    private function practice(): Practice
    {
        return $this->entities()
            ->getRepository(Practice::class)
            ->findBy(['team' => $this->team()], ['startsAt' => 'DESC'])[0];
    }
}
