<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Showing;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Motion\Giving;

/** One leg of a repetition on its clock. */
final readonly class Leg
{
    /**
     * @param string $from   sign of who has it, or who runs
     * @param string $to     sign of who or what it is for, or where he runs; empty: a spot on the ground
     * @param float  $begins s
     * @param float  $ends   s
     * @param bool   $isHit  with a bat, and not by hand
     */
    public function __construct(
        public Way $way,
        public string $from,
        public string $to,
        public Point $start,
        public Point $end,
        public float $begins,
        public float $ends,
        private bool $isHit = false,
    ) {}

    /** As in "the helper hits to the shortstop", "the shortstop throws to first". */
    public function words(): string
    {
        $who = Who::of($this->from, $this->way);
        $verb = $this->verb();

        return match (true) {
            Way::Runs === $this->way => "$who runs" . ('' === $this->to ? '' : ' to ' . Who::of($this->to, $this->way)),
            '' === $this->to => "$who $verb it" . (Way::Lobbed === $this->way ? ' high' : ''),
            default => "$who $verb to " . Who::of($this->to, $this->way),
        };
    }

    private function verb(): string
    {
        $feet = $this->start->distanceTo($this->end);

        return match (true) {
            $this->isHit => 'hits',
            Way::Rolled === $this->way => 'rolls',
            Way::Lobbed === $this->way && '' !== $this->to => 'throws high',
            $feet <= Giving::UNDERHAND_UP_TO => 'tosses',
            default => 'throws',
        };
    }
}
