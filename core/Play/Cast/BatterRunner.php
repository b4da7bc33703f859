<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Cast;

use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\Motion\MotionProfile;

/** The batter as a runner: the legs, and how long after contact they start. */
final readonly class BatterRunner
{
    /** @param float $tiring s for each foot beyond first, {@see LevelProfile::tiring()} */
    private function __construct(public Legs $legs, public float $startDelay, private float $tiring) {}

    /** By the batter's own time, or as the level knows the type. */
    public static function of(Batter $batter, RuleSet $rules, LevelProfile $level): self
    {
        $delay = $batter->type->bats()->startDelay($level->motion);
        // The level's time is a right-hander's; who starts sooner is there sooner.
        $homeToFirst =
            $batter->homeToFirst ??
            $level->homeToFirstOver($rules->basePath) * $batter->type->timeShare() -
                ($level->motion->startRight - $delay);

        $legs = Legs::fromHomeToFirst($homeToFirst, $delay, $rules->basePath, $level->motion->accelerationTime);

        return new self($legs, $delay, $level->tiring($legs));
    }

    /** The same batter with another start, s from contact. */
    public function startingAfter(float $delay): self
    {
        return new self($this->legs, min($delay, $this->startDelay), $this->tiring);
    }

    /** Seconds from contact to a base, those in between rounded. */
    public function secondsOver(int $bases, float $basePath, MotionProfile $motion): float
    {
        return $this->secondsFor($bases * $basePath) +
            ($bases - 1) * ($motion->roundingPerFoot + $this->tiring) * $basePath;
    }

    /** Seconds from contact until the runner has covered so many feet. */
    public function secondsFor(float $feet): float
    {
        return $this->startDelay + $this->legs->secondsFor($feet);
    }
}
