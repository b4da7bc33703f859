<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Runs\CostUnit;

/** What an alignment gets of a batter's ground balls: outs, double plays, and the holes in it. */
final readonly class RangeSummary
{
    /**
     * @param float                   $outsPerBall chance of an out on a ground ball of this batter
     * @param float|null              $twoPerBall  chance of two, null when no double play is in order
     * @param float                   $lead        that a runner is out and nobody else
     * @param float                   $moved       of an out while the runner who need not go moves up
     * @param float|null              $thirdScores chance that the runner on third scores on it, null when none can
     * @param float                   $error       that the batter is on because somebody erred
     * @param float                   $hit         that he has beaten it out
     * @param float                   $past        that it goes through the infield; $doubles of those it is two bases
     * @param float                   $cost        what a ground ball costs us, in runs or chance to lose
     * @param list<float>             $outChance   by direction, over the speeds
     * @param list<float>             $sprays      degrees of the directions
     * @param list<Hole>              $holes       the one that lets most through first
     * @param array<int, list<Point>> $fans        by position number: where an ordinary ground ball that becomes an
     *                                             out is fielded, left to right
     */
    public function __construct(
        public float $outsPerBall,
        public ?float $twoPerBall,
        public float $lead,
        public float $moved,
        public ?float $thirdScores,
        public float $error,
        public float $hit,
        public float $past,
        public float $doubles,
        public float $cost,
        public CostUnit $unit,
        public array $outChance,
        public array $sprays,
        public array $holes,
        public array $fans,
    ) {}

    /** What another alignment saves against this one, in a hundred ground balls: runs, or points of chance to win. */
    public function gainOf(self $other): float
    {
        return 100 * ($this->cost - $other->cost);
    }
}
