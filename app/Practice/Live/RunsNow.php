<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Live;

use FoxCorner\App\Club\Team;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Weather\Notice;
use FoxCorner\App\Weather\WeatherService;

/**
 * Runs as they stand at this moment: a lightning notice has stopped their clock when it came, though nobody has
 * written that down yet. Looking writes nothing; the next change of the run does.
 */
final readonly class RunsNow
{
    public function __construct(private RunRepository $runs, private WeatherService $weather, private RunTime $time) {}

    public function of(Practice $practice): ?PracticeRun
    {
        return $this->stopped($this->runs->of($practice), $practice->team);
    }

    /** The run of a practice by the practice's id, without the practice itself: forty phones ask. */
    public function inTeam(Team $team, string $practice): ?PracticeRun
    {
        return $this->stopped($this->runs->inTeam($team, $practice), $team);
    }

    private function stopped(?PracticeRun $run, Team $team): ?PracticeRun
    {
        $notice = null === $run ? null : $this->weather->latest($team);
        if (null !== $run && null !== $notice && Notice::Lightning === $notice[0]) {
            $run->heed((int) $notice[1]->format('Uv'), $this->time);
        }

        return $run;
    }
}
