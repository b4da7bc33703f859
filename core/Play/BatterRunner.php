<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play;

use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\People\LevelProfile;

/** The batter as a runner: the legs, and how long after contact they start. */
final readonly class BatterRunner
{
    private function __construct(public Legs $legs, public float $startDelay)
    {
    }

    /** A batter of a type as the level knows it. */
    public static function ofType(BatterType $type, RuleSet $rules, LevelProfile $level): self
    {
        $delay = $type->bats()->startDelay($level->motion);
        $homeToFirst = $level->homeToFirstOver($rules->basePath) * $type->timeShare();

        return new self(Legs::fromHomeToFirst($homeToFirst, $delay, $rules->basePath, $level->motion->accelerationTime), $delay);
    }

    /** Seconds from contact until the runner has covered so many feet. */
    public function secondsFor(float $feet): float
    {
        return $this->startDelay + $this->legs->secondsFor($feet);
    }
}
