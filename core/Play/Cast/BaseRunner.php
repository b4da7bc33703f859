<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Cast;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\LeadRule;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\RunnerSpeed;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\Motion\MotionProfile;

/** A runner already on a base: how far off at contact, how quick, and what he waits for. */
final readonly class BaseRunner
{
    /**
     * @param float $lead       feet off the base at contact
     * @param float $startDelay seconds from contact to going
     */
    private function __construct(
        public Base $base,
        public float $lead,
        public float $startDelay,
        public Legs $legs,
        private float $basePath,
        private MotionProfile $motion,
    ) {}

    /**
     * A runner of the level, with the lead that the rule set allows.
     *
     * @param float|null $time his own home to first on this field, s; null: the level's, by his speed
     */
    public static function ofLevel(
        Base $base,
        RuleSet $rules,
        LevelProfile $level,
        RunnerSpeed $speed = RunnerSpeed::Ordinary,
        RunnerMind $mind = RunnerMind::ReadsBunt,
        ?float $time = null,
    ): self {
        $motion = $level->motion;
        $seconds = $time ?? $level->homeToFirstOver($rules->basePath) * $speed->timeShare();
        $legs = Legs::fromHomeToFirst($seconds, $motion->startRight, $rules->basePath, $motion->accelerationTime);

        return new self(
            $base,
            self::lead($rules->leads, $motion),
            $mind->startDelay($motion, $rules->leads),
            $legs,
            $rules->basePath,
            $motion,
        );
    }

    /** The same runner, who goes nowhere: he waits what becomes of the ball. */
    public function staying(): self
    {
        return new self($this->base, $this->lead, \INF, $this->legs, $this->basePath, $this->motion);
    }

    /** The same runner, who goes so much later: he has to see a ball come down first. */
    public function later(float $seconds): self
    {
        $delay = $this->startDelay + $seconds;

        return new self($this->base, $this->lead, $delay, $this->legs, $this->basePath, $this->motion);
    }

    public function stays(): bool
    {
        return \INF === $this->startDelay;
    }

    /** The same runner, gone with the pitch; he had no lead then. */
    public function gone(): self
    {
        $delay = -$this->motion->squeezeStart;

        return new self($this->base, 0.0, $delay, $this->legs, $this->basePath, $this->motion);
    }

    /** Seconds from contact to the next base, or to the one after it with the base in between rounded. */
    public function secondsOver(int $bases): float
    {
        return $this->startDelay +
            $this->legs->secondsFor($bases * $this->basePath - $this->lead) +
            $this->rounding($bases);
    }

    /** Seconds from a standing start on the base, as when he tags up, to the next one or over several. */
    public function secondsFromBase(int $bases): float
    {
        return $this->legs->secondsFor($bases * $this->basePath) + $this->rounding($bases);
    }

    /** s lost at the bases in between */
    private function rounding(int $bases): float
    {
        return ($bases - 1) * $this->motion->roundingPerFoot * $this->basePath;
    }

    private static function lead(LeadRule $rule, MotionProfile $motion): float
    {
        return match ($rule) {
            LeadRule::Anytime => $motion->leadAtContact,
            LeadRule::OnRelease => $motion->leadOnRelease,
            LeadRule::WhenPitchReachesBatter => $motion->leadOnArrival,
            LeadRule::Never => 0.0,
        };
    }
}
