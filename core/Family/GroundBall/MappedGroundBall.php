<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Play\Grid\BallFielded;
use FoxCorner\Core\Play\Map\MapOutcome;
use FoxCorner\Core\Play\Map\MapSpot;

/** One ball of the map of ground balls. */
final readonly class MappedGroundBall
{
    /**
     * @param string $kind of {@see ResultTable::KINDS}
     * @param Point  $at   on the arc of its kind, in its direction
     */
    public function __construct(
        public string $kind,
        public GroundBallTrial $trial,
        public Point $at,
        public BallFielded $comes,
    ) {}

    /** Two outs rank as the lead out does on a bunt. */
    public function outcome(): MapOutcome
    {
        return match (true) {
            $this->comes->two >= MapSpot::THERE => MapOutcome::Lead,
            $this->comes->out >= MapSpot::THERE => MapOutcome::First,
            default => MapOutcome::Safe,
        };
    }

    /** How sure it is that it comes so, 0.5 to 1. */
    public function sureness(): float
    {
        return match ($this->outcome()) {
            MapOutcome::Lead => $this->comes->two,
            MapOutcome::First => $this->comes->out,
            MapOutcome::Safe => 1 - $this->comes->out,
        };
    }
}
