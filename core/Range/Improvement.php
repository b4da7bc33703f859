<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

use FoxCorner\Core\Runs\CostUnit;

/** Small moves that help, what they bring, and their price. */
final readonly class Improvement
{
    /** ft by which a hole must grow to be named. */
    private const WIDER = 0.5;

    /**
     * @param list<Step>   $steps
     * @param float        $gain        in a hundred ground balls: runs saved, or points of chance to win
     * @param float        $outs        more outs in a hundred ground balls; may be negative
     * @param Hole|null    $price       the hole that grows most
     * @param float        $feet        by how much it grows
     * @param list<string> $undone      rules or shades of the plan that it takes back, in words
     * @param float|null   $twos        more double plays in a hundred; null: none can be
     * @param float|null   $thirdScores by how much more often, in a hundred outs, the run from third scores;
     *                                  null: nobody is there
     * @param float        $doubles     more doubles in a hundred
     * @param bool         $wouldGoOn   whether somebody would gain by going farther than was asked for
     */
    private function __construct(
        public array $steps,
        public float $gain,
        public float $outs,
        public CostUnit $unit,
        public ?Hole $price,
        public float $feet,
        public array $undone,
        public ?float $twos,
        public ?float $thirdScores,
        public float $doubles,
        public bool $wouldGoOn,
    ) {}

    /**
     * @param list<Step>   $steps
     * @param list<string> $undone
     */
    public static function between(
        RangeSummary $before,
        RangeSummary $after,
        array $steps,
        array $undone,
        bool $wouldGoOn,
    ): self {
        [$price, $feet] = self::price($before, $after);

        return new self(
            $steps,
            $before->gainOf($after),
            100 * ($after->outsPerBall - $before->outsPerBall),
            $before->unit,
            $price,
            $feet,
            $undone,
            null === $before->twoPerBall ? null : 100 * ((float) $after->twoPerBall - $before->twoPerBall),
            null === $before->thirdScores ? null : 100 * ((float) $after->thirdScores - $before->thirdScores),
            100 * ($after->doubles - $before->doubles),
            $wouldGoOn,
        );
    }

    /** @return array{Hole|null, float} */
    private static function price(RangeSummary $before, RangeSummary $after): array
    {
        $worst = null;
        $most = self::WIDER;
        foreach ($after->holes as $hole) {
            $was = 0.0;
            foreach ($before->holes as $old) {
                $was = $old->name() === $hole->name() ? max($was, $old->feet) : $was;
            }
            if ($hole->feet - $was > $most) {
                [$worst, $most] = [$hole, $hole->feet - $was];
            }
        }

        return [$worst, null === $worst ? 0.0 : $most];
    }
}
