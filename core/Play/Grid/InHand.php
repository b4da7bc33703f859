<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

/** What one fielder makes of a ground ball: had at once, or misplayed and picked up again. */
final readonly class InHand
{
    /**
     * @param list<float> $clean   of a ball that he has at once, {@see Aim::comes()}
     * @param list<float> $again   of one that he misplays and picks up
     * @param float       $front   the chance that he misplays it and it stays in front of him
     * @param float       $gone    the chance that it is lost to whoever is behind him
     * @param float       $soonest s from contact: the earliest at which a first throw that he thought of was at its bag
     */
    public function __construct(
        public Met $met,
        private array $clean,
        private array $again,
        private float $front,
        public float $gone,
        private float $soonest,
    ) {}

    /** Whether it is the same when bags are covered otherwise, up to so many s from contact. */
    public function isFreeOf(float $covered): bool
    {
        return $this->soonest >= $covered;
    }

    /** @param BallFielded $behind what happens when it is lost to him */
    public function with(BallFielded $behind): BallFielded
    {
        [$out, $two, $lead, $scores, $moved, $missed, $cost] = $this->clean;
        $met = $this->met;
        [$front, $gone] = [$this->front, $this->gone];
        if (0.0 === $front && 0.0 === $gone) {
            return new BallFielded($met, $out, $two, $lead, $scores, $moved, $missed, 1 - $out - $missed, 0.0, $cost);
        }
        [$out2, $two2, $lead2, $scores2, $moved2, , $cost2] = $this->again;
        [$clean, $charged] = [$met->clean, $met->charged];
        $outs = $clean * $out + $front * $out2 + $gone * $behind->out;
        $error =
            $clean * $missed +
            $charged * ($front * (1 - $out2) + $gone * (1 - $behind->out)) +
            (1 - $charged) * $gone * $behind->error;
        $hit = $clean * (1 - $out - $missed) + (1 - $charged) * ($front * (1 - $out2) + $gone * $behind->hit);

        return new BallFielded(
            $met,
            $outs,
            $clean * $two + $front * $two2 + $gone * $behind->two,
            $clean * $lead + $front * $lead2 + $gone * $behind->lead,
            $clean * $scores + $front * $scores2 + $gone * $behind->thirdScores,
            $clean * $moved + $front * $moved2 + $gone * $behind->moved,
            $error,
            $hit,
            1 - $outs - $error - $hit,
            $clean * $cost + $front * $cost2 + $gone * $behind->cost,
        );
    }
}
