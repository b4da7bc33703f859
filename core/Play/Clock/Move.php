<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\CastMember;
use FoxCorner\Core\Play\Scheme\Job;

/** What one fielder does on a play: the jobs given, the path, and when it ends. */
final readonly class Move
{
    /**
     * @param list<Job> $jobs   none or several when the coverage is faulty
     * @param float     $starts seconds from contact at which he goes
     */
    public function __construct(
        public CastMember $who,
        public array $jobs,
        public Track $track,
        public float $starts = 0.0,
    ) {}

    /** The same on another way. */
    public function on(Track $track): self
    {
        return new self($this->who, $this->jobs, $track, $this->starts);
    }

    public function position(): Position
    {
        return $this->who->position;
    }

    public function covers(Base $base): bool
    {
        foreach ($this->jobs as $job) {
            if ($job->takes($base)) {
                return true;
            }
        }

        return false;
    }

    /** Seconds from contact until the fielder is where the job is done. */
    public function there(): float
    {
        return $this->track->end()->seconds;
    }
}
