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
    /** Of the base path, that he dives, hand first, and the s that it takes (ours). */
    private const DIVE = 10 / 90;
    private const DIVING = 0.3;

    /** s of the out curve on a tag, on the way to the next base. */
    public float $spread;

    /**
     * @param float $exact s of the curve, were his time known to the hundredth
     * @param float $own   s that he brings to it over a base path
     */
    private function __construct(public Legs $legs, private float $exact, private float $own, private float $basePath)
    {
        $this->spread = hypot($exact, $own);
    }

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
            $motion->tagSpread,
            OutChance::own($level->scatter, null !== $homeToFirst),
            $rules->basePath,
        );
    }

    /** @param Legs $legs of somebody who is on base already */
    public static function running(Legs $legs, bool $isKnown, RuleSet $rules, LevelProfile $level): self
    {
        return new self($legs, $level->motion->tagSpread, OutChance::own($level->scatter, $isKnown), $rules->basePath);
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
        $most = self::DIVE * $this->basePath;
        $dive = min($lead, $most);

        return $motion->plannedReaction + $this->legs->secondsFor($lead - $dive) + (self::DIVING * $dive) / $most;
    }

    /** s of the out curve on a tag on the way back, which is short: a runner's own time scatters with its length. */
    public function spreadBack(float $lead): float
    {
        return hypot($this->exact, ($this->own * $lead) / $this->basePath);
    }
}
