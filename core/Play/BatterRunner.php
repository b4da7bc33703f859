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
    private function __construct(public Legs $legs, public float $startDelay, public bool $left)
    {
    }

    /** A batter of a type as the level knows it. */
    public static function ofType(BatterType $type, RuleSet $rules, LevelProfile $level): self
    {
        return self::timed($level->homeToFirstOver($rules->basePath) * $type->timeShare(), $type, $rules, $level);
    }

    /** @param float $homeToFirst seconds on this base path */
    public static function timed(float $homeToFirst, BatterType $type, RuleSet $rules, LevelProfile $level): self
    {
        $delay = match (true) {
            BatterType::Slapper === $type => $level->motion->startSlap,
            $type->isLeft() => $level->motion->startLeft,
            default => $level->motion->startRight,
        };

        return new self(Legs::fromHomeToFirst($homeToFirst, $delay, $rules->basePath, $level->motion->accelerationTime), $delay, $type->isLeft());
    }

    /** Seconds from contact until the runner has covered so many feet. */
    public function secondsFor(float $feet): float
    {
        return $this->startDelay + $this->legs->secondsFor($feet);
    }
}
