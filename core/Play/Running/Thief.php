<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Running;

use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\Motion\MotionProfile;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\People\Bats;

/** A runner on base who may go: his legs, and how sharp the line between out and safe is with him. */
final readonly class Thief
{
    /** ft that he dives, hand first, and the s that it takes (ours). */
    private const DIVE = 8.0;
    private const DIVING = 0.25;

    /** @param float $spread s of the out curve on a tag */
    private function __construct(public Legs $legs, public float $spread, private float $basePath) {}

    /**
     * @param float|null $homeToFirst s on this field; null: the level's own, a right-hander's
     * @param Bats       $bats        how he started when it was measured
     */
    public static function of(
        RuleSet $rules,
        LevelProfile $level,
        ?float $homeToFirst = null,
        Bats $bats = Bats::Right,
    ): self {
        $motion = $level->motion;

        return new self(
            Legs::fromHomeToFirst(
                $homeToFirst ?? $level->homeToFirstOver($rules->basePath),
                null === $homeToFirst ? $motion->startRight : $bats->startDelay($motion),
                $rules->basePath,
                $motion->accelerationTime,
            ),
            OutChance::spread($motion->tagSpread, $level->scatter, null !== $homeToFirst),
            $rules->basePath,
        );
    }

    /** @param Legs $legs of somebody who is on base already */
    public static function running(Legs $legs, bool $isKnown, RuleSet $rules, LevelProfile $level): self
    {
        return new self(
            $legs,
            OutChance::spread($level->motion->tagSpread, $level->scatter, $isKnown),
            $rules->basePath,
        );
    }

    /**
     * Seconds from his first step to the next base; sliding costs what it gains.
     *
     * @param float $lead ft off the base that he leaves
     */
    public function secondsFrom(float $lead): float
    {
        return $this->legs->secondsFor($this->basePath - $lead);
    }

    /**
     * Seconds from the moment at which he sees that he has to go back, until his hand is on the base that he left.
     *
     * @param float $lead ft off it
     */
    public function secondsBack(float $lead, MotionProfile $motion): float
    {
        $dive = min($lead, self::DIVE);

        return $motion->plannedReaction + $this->legs->secondsFor($lead - $dive) + (self::DIVING * $dive) / self::DIVE;
    }
}
