<?php

declare(strict_types=1);

namespace FoxCorner\Core\Level;

use FoxCorner\Core\Motion\MotionProfile;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\PositionGroup;
use FoxCorner\Core\Runs\EventRates;

/** The ordinary player of a level of play, and the constants of motion that hold for it. */
final readonly class LevelProfile
{
    /**
     * @param float $homeToFirst     seconds, at $basePath feet, right-handed
     * @param float $infieldArm      miles per hour; outfield and catcher likewise
     * @param float $groundBallSpeed mph off the bat of an ordinary ground ball (ours)
     * @param float $hardHitSpeed    mph off the bat of a ball hit hard
     * @param float $reactionCaution s to a ball hit hard under which a fielder is shown a caution; source of the
     *                               default: the project's model
     * @param float $executionFactor how error-prone a throw is: 0.5 professional, 2 for children
     */
    public function __construct(
        public Level $level,
        public float $homeToFirst,
        public float $basePath,
        public float $infieldArm,
        public float $outfieldArm,
        public float $catcherArm,
        public float $executionFactor,
        public float $groundBallSpeed,
        public float $hardHitSpeed,
        public EventRates $rates,
        public MotionProfile $motion = new MotionProfile(),
        public float $reactionCaution = 0.4,
    ) {}

    /** The same level with a team's own rates and caution, s. */
    public function with(EventRates $rates, float $reactionCaution): self
    {
        return new self(
            $this->level,
            $this->homeToFirst,
            $this->basePath,
            $this->infieldArm,
            $this->outfieldArm,
            $this->catcherArm,
            $this->executionFactor,
            $this->groundBallSpeed,
            $this->hardHitSpeed,
            $rates,
            $this->motion,
            $reactionCaution,
        );
    }

    /** Throwing speed in miles per hour that the level expects at a position. */
    public function armAt(Position $position): float
    {
        return match ($position->group()) {
            PositionGroup::Outfield => $this->outfieldArm,
            PositionGroup::Battery, PositionGroup::Corners, PositionGroup::Middle => Position::Catcher === $position
                ? $this->catcherArm
                : $this->infieldArm,
        };
    }

    /** The level's home-to-first time in seconds, in proportion to another base path in feet. */
    public function homeToFirstOver(float $basePath): float
    {
        return ($this->homeToFirst * $basePath) / $this->basePath;
    }
}
