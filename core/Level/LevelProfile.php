<?php

declare(strict_types=1);

namespace FoxCorner\Core\Level;

use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\Motion\MotionProfile;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\PositionGroup;
use FoxCorner\Core\Runs\Advancement;
use FoxCorner\Core\Runs\EventRates;
use FoxCorner\Core\Runs\RunChain;
use FoxCorner\Core\Value\ButFor;

/** The ordinary player of a level of play, and the constants of motion that hold for it. */
final readonly class LevelProfile
{
    use ButFor;

    public MotionProfile $motion;
    public RunningSkills $running;

    /**
     * @param float $homeToFirst     seconds, at $basePath feet, right-handed
     * @param float $scatter         s, standard deviation of the level's batters around it
     * @param float $legs            ft/s, top speed of an ordinary fielder's run
     * @param float $infieldArm      miles per hour; outfield and catcher likewise
     * @param float $groundBallSpeed mph off the bat of an ordinary ground ball (ours)
     * @param float $hardHitSpeed    mph off the bat of a ball hit hard
     * @param float $leftShare       of the level's batters, who bat left-handed
     * @param float $reactionCaution s to a ball hit hard under which a fielder is shown a caution; source of the
     *                               default: the project's model
     */
    public function __construct(
        public Level $level,
        public float $homeToFirst,
        public float $basePath,
        public float $scatter,
        public float $legs,
        public float $infieldArm,
        public float $outfieldArm,
        public float $catcherArm,
        public float $groundBallSpeed,
        public float $hardHitSpeed,
        public float $leftShare,
        public EventRates $rates,
        public Skills $skills,
        public float $reactionCaution = 0.4,
        public FieldingRecord $record = new FieldingRecord(),
        ?RunningSkills $running = null,
    ) {
        $this->running = $running ?? RunningSkills::at($level);
        $this->motion = $skills->motion();
    }

    /** The same level with a team's own rates and caution, s. */
    public function with(EventRates $rates, float $reactionCaution): self
    {
        return $this->replacing($rates, $this->skills, $reactionCaution, $this->record);
    }

    public function skilled(Skills $skills): self
    {
        return $this->replacing($this->rates, $skills, $this->reactionCaution, $this->record);
    }

    /** The same level with what a team's own infield has made of its chances. */
    public function recorded(FieldingRecord $record): self
    {
        return $this->replacing($this->rates, $this->skills, $this->reactionCaution, $record);
    }

    /** How often a ground ball is misplayed at a position, 1: professional; blended with the team's own record. */
    public function handsAt(Position $position): float
    {
        return $this->skills->hands * $this->record->hands($position, LevelShares::missedChances($this->level));
    }

    /** A fielder's legs: the level's, quicker or slower by as much as the player runs to first. */
    public function fieldingLegs(Legs $running): Legs
    {
        $ordinary = Legs::fromHomeToFirst(
            $this->homeToFirst,
            $this->motion->startRight,
            $this->basePath,
            $this->motion->accelerationTime,
        );

        return Legs::of(($this->legs * $running->topSpeed) / $ordinary->topSpeed, $this->motion->accelerationTime);
    }

    /**
     * Seconds more for each foot beyond first: what a time to first says of a short field, with its start, nobody keeps
     * up over two bases; farther than a base he runs as a fielder does who is as quick.
     */
    public function tiring(Legs $running): float
    {
        return max(0.0, 1 / $this->fieldingLegs($running)->topSpeed - 1 / $running->topSpeed);
    }

    /** s until a ball hit hard, on a line, has gone so many feet. */
    public function hardHitSeconds(float $feet, Sport $sport): float
    {
        return Throws::of(Ball::for($sport))->seconds($feet, Speed::ofMph($this->hardHitSpeed));
    }

    /** How runners move up at this level, as the engine plays it. */
    public function advancement(): Advancement
    {
        return LevelShares::advancement($this->level);
    }

    /** A half-inning by these rates, as the level's ground balls move its runners. */
    public function chain(): RunChain
    {
        return RunChain::of($this->rates, $this->advancement());
    }

    private function replacing(EventRates $rates, Skills $skills, float $reactionCaution, FieldingRecord $record): self
    {
        return $this->but(rates: $rates, skills: $skills, reactionCaution: $reactionCaution, record: $record);
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
