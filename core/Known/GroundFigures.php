<?php

declare(strict_types=1);

namespace FoxCorner\Core\Known;

use FoxCorner\Core\Range\RangeSummary;

/** What becomes of ground balls, as chances. */
final readonly class GroundFigures
{
    /**
     * @param float $outs  of one out at least
     * @param float $lead  that a runner is out and nobody else
     * @param float $moved of an out while the runner who need not go moves up
     * @param float $error reached on an error; $hit beaten out, $past through the infield, $doubles of those
     */
    private function __construct(
        public float $outs,
        public float $two,
        public float $lead,
        public float $moved,
        public float $error,
        public float $hit,
        public float $past,
        public float $doubles,
    ) {}

    public static function of(RangeSummary $summary): self
    {
        return new self(
            $summary->outsPerBall,
            $summary->twoPerBall ?? 0.0,
            $summary->lead,
            $summary->moved,
            $summary->error,
            $summary->hit,
            $summary->past,
            $summary->doubles,
        );
    }

    public function and(self $other): self
    {
        return $this->weighing(0.5, $other, 0.5);
    }

    public function weighing(float $share, self $other, float $others): self
    {
        $mixed = static fn(float $one, float $two): float => $share * $one + $others * $two;

        return new self(
            $mixed($this->outs, $other->outs),
            $mixed($this->two, $other->two),
            $mixed($this->lead, $other->lead),
            $mixed($this->moved, $other->moved),
            $mixed($this->error, $other->error),
            $mixed($this->hit, $other->hit),
            $mixed($this->past, $other->past),
            $mixed($this->doubles, $other->doubles),
        );
    }
}
