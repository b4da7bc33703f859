<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

/** What becomes of one ground ball of the grid, as chances. */
final readonly class BallFielded
{
    /**
     * @param Met|null $met   who has it and where; null: it goes through untouched
     * @param float    $out   of one out at least; of two, and of the run from third likewise
     * @param float    $lead  that a runner is out and nobody else
     * @param float    $moved of an out while the runner who need not go moves up
     * @param float    $error that the batter is on because somebody erred
     * @param float    $hit   that he has beaten it out
     * @param float    $past  that it goes through the infield
     * @param float    $cost  what it costs us
     */
    public function __construct(
        public ?Met $met,
        public float $out,
        public float $two,
        public float $lead,
        public float $thirdScores,
        public float $moved,
        public float $error,
        public float $hit,
        public float $past,
        public float $cost,
    ) {}
}
