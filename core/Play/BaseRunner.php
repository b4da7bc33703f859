<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play;

use FoxCorner\Core\Game\RunnerSpeed;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\LeadRule;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\Motion\MotionProfile;
use FoxCorner\Core\People\LevelProfile;

/** A runner already on a base: how far off at contact, and how quick. */
final readonly class BaseRunner
{
    /**
     * @param float $lead       feet off the base at contact
     * @param float $startDelay seconds from contact to going
     */
    private function __construct(public Base $base, public float $lead, public float $startDelay, public Legs $legs, private float $roundingLoss)
    {
    }

    /** A runner of the level, with the lead that the rule set allows, who waits to see the bunt down. */
    public static function ofLevel(Base $base, RuleSet $rules, LevelProfile $level, RunnerSpeed $speed = RunnerSpeed::Ordinary): self
    {
        $legs = Legs::fromHomeToFirst($level->homeToFirstOver($rules->basePath) * $speed->timeShare(), $level->motion->startRight, $rules->basePath, $level->motion->accelerationTime);

        return new self($base, self::lead($rules->leads, $level->motion), $level->motion->buntRead, $legs, $level->motion->roundingPerFoot * $rules->basePath);
    }

    /** The same runner, gone with the pitch: so many seconds before contact. */
    public function leavingBefore(float $seconds): self
    {
        return new self($this->base, 0.0, -$seconds, $this->legs, $this->roundingLoss);
    }

    /** Seconds from contact to the next base, or to the one after it with the base in between rounded. */
    public function secondsOver(int $bases, float $basePath): float
    {
        return $this->startDelay + $this->legs->secondsFor($bases * $basePath - $this->lead) + ($bases - 1) * $this->roundingLoss;
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
