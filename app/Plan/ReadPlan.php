<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use FoxCorner\Core\Plan\CoverageChoice;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Plan\SituationPlan;

/** The computed plan of a situation beside the decisions it rests on. */
final readonly class ReadPlan
{
    public function __construct(public SituationPlan $plan, public PlanBook $book)
    {
    }

    public function choice(): ?CoverageChoice
    {
        return $this->book->coverage($this->plan->state->situation);
    }

    /** What this page shows of the coverage's choice. */
    public function choiceMark(): string
    {
        return Fingerprint::of($this->choice());
    }

    /** What this page shows of the spots kept here. */
    public function keptMark(): string
    {
        return Fingerprint::of($this->book->kept[$this->plan->state->situation->key()] ?? []);
    }
}
