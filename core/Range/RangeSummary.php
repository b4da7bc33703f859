<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

/** What an alignment gets of a batter's ground balls: outs, double plays, and the holes in it. */
final readonly class RangeSummary
{
    /**
     * @param float       $outsPerBall chance of an out on a ground ball of this batter
     * @param float|null  $twoPerBall  chance of two, null when no double play is on
     * @param list<float> $outChance   by direction, over the speeds
     * @param list<float> $sprays      degrees of the directions
     * @param list<Hole>  $holes       the one that lets most through first
     */
    public function __construct(public float $outsPerBall, public ?float $twoPerBall, public array $outChance, public array $sprays, public array $holes)
    {
    }

    /** What the alignment is worth by: outs, and two where two are on. */
    public function worth(): float
    {
        return $this->outsPerBall + ($this->twoPerBall ?? 0.0);
    }
}
