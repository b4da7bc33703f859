<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Cast;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\LeadRule;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\RunnerSpeed;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\Motion\MotionProfile;

/** A runner already on a base: how far off at contact, how quick, and what he waits for. */
final readonly class BaseRunner
{
    /** s from what he watches to his first step back, and s more when he has to stop first (ours). */
    public const TURNS = 0.25;
    public const STOPS = 0.4;
    /** ft from the bag at which he dives for it (ours). */
    public const DIVES = 6.0;

    /**
     * @param float $lead       feet off the base at contact
     * @param float $startDelay seconds from contact to going; INF: he waits what becomes of the ball
     * @param float $tiring     s for each foot beyond the next base, {@see LevelProfile::tiring()}
     */
    private function __construct(
        public Base $base,
        public float $lead,
        public float $startDelay,
        public Legs $legs,
        private RuleSet $rules,
        private MotionProfile $motion,
        private float $tiring,
    ) {}

    /**
     * A runner of the level who waits, with the lead that the rule set allows.
     *
     * @param float|null $time his own home to first on this field, s; null: the level's, by his speed
     */
    public static function ofLevel(
        Base $base,
        RuleSet $rules,
        LevelProfile $level,
        RunnerSpeed $speed = RunnerSpeed::Ordinary,
        ?float $time = null,
    ): self {
        $motion = $level->motion;
        $seconds = $time ?? $level->homeToFirstOver($rules->basePath) * $speed->timeShare();
        $legs = Legs::fromHomeToFirst($seconds, $motion->startRight, $rules->basePath, $motion->accelerationTime);

        return new self($base, self::lead($rules->leads, $motion), \INF, $legs, $rules, $motion, $level->tiring($legs));
    }

    /** Whoever is on a base of a game; he waits. */
    public static function inGame(Base $base, GameState $state, LevelProfile $level): self
    {
        $context = $state->context;

        return self::ofLevel($base, $state->rules, $level, $context->runners, $context->times[$base->value] ?? null);
    }

    /** The same runner, who knows what he waits for. */
    public function minding(RunnerMind $mind): self
    {
        return $this->but(startDelay: $mind->startDelay($this->motion, $this->rules->leads));
    }

    /** The same runner, who goes nowhere: he waits what becomes of the ball. */
    public function staying(): self
    {
        return $this->but(startDelay: \INF);
    }

    /** The same runner, who goes so much later: he has to see a ball come down first. */
    public function later(float $seconds): self
    {
        return $this->but(startDelay: $this->startDelay + $seconds);
    }

    public function stays(): bool
    {
        return \INF === $this->startDelay;
    }

    /**
     * The same runner, gone with the pitch: with the pitcher's stride, out of a lead that walks, where leads are
     * allowed; from the bag on the release where he must wait for that; else as it is there.
     */
    public function gone(): self
    {
        $motion = $this->motion;

        return match ($this->rules->leads) {
            LeadRule::Anytime => $this->but($motion->walkingLead, -$motion->deliveryStart - $motion->movingLead),
            LeadRule::OnRelease => $this->but(0.0, -$motion->squeezeStart),
            LeadRule::WhenPitchReachesBatter, LeadRule::Never => $this->but(startDelay: 0.0),
        };
    }

    private function but(?float $lead = null, ?float $startDelay = null): self
    {
        return new self(
            $this->base,
            $lead ?? $this->lead,
            $startDelay ?? $this->startDelay,
            $this->legs,
            $this->rules,
            $this->motion,
            $this->tiring,
        );
    }

    /** Seconds from contact to the next base, or to the one after it with the base in between rounded. */
    public function secondsOver(int $bases): float
    {
        return $this->startDelay +
            $this->legs->secondsFor($bases * $this->rules->basePath - $this->lead) +
            $this->goingOn($bases);
    }

    /** Seconds from a standing start on the base, as when he tags up, to the next one or over several. */
    public function secondsFromBase(int $bases): float
    {
        return $this->legs->secondsFor($bases * $this->rules->basePath) + $this->goingOn($bases);
    }

    /** s lost at the bases in between, and after the first of them */
    private function goingOn(int $bases): float
    {
        return ($bases - 1) * ($this->motion->roundingPerFoot + $this->tiring) * $this->rules->basePath;
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
