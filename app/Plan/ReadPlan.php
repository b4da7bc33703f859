<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use FoxCorner\App\Plan\Codec\Fingerprint;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\CoverageChoice;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Problem\Problem;

/** The computed plan of a situation beside the decisions it rests on. */
final readonly class ReadPlan
{
    public function __construct(public SituationPlan $plan, public PlanBook $book) {}

    /**
     * @param string|null $coverage to look at instead of the one that is chosen
     *
     * @throws Problem when the coverage is unknown
     */
    public function play(PlayFamily $family, ?string $coverage = null): PlannedPlay
    {
        return PlannedPlay::of($this->plan, $family, $this->book, $coverage);
    }

    public function choice(PlayFamily $family): ?CoverageChoice
    {
        return $this->book->plays($family->key())->choice($this->plan->state->situation);
    }

    /** What this page shows of the coverage's choice. */
    public function choiceMark(PlayFamily $family): string
    {
        return Fingerprint::of($this->choice($family));
    }

    /** What this page shows of the spots kept here. */
    public function keptMark(): string
    {
        return Fingerprint::of($this->book->kept($this->plan->state->situation));
    }
}
