<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Showing;

use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;

/** How long a leg takes: throws, legs and exchanges are the level's own, as in a play. */
final readonly class LegPace
{
    /** ft from which a helper hits rather than rolls (ours). */
    private const HIT_FROM = 55.0;
    /** ft/s of a ball rolled by hand, over its whole way (ours). */
    private const ROLLED = 25.0;
    /** Of the speed of an ordinary ground ball, that of one hit for practice, over its whole way (ours). */
    private const FUNGO = 0.6;

    private Throws $throws;
    private Legs $legs;

    public function __construct(private LevelProfile $profile, Ball $ball)
    {
        $this->throws = Throws::of($ball);
        $motion = $profile->motion;
        $this->legs = Legs::of($profile->legs * $motion->infieldSpeedShare, $motion->accelerationTime);
    }

    /**
     * @param string $from sign of who has it, or who runs
     *
     * @return float s
     */
    public function seconds(Way $way, string $from, float $feet): float
    {
        return match ($way) {
            Way::Rolled => $feet / (self::isHit($way, $from, $feet) ? $this->fungo() : self::ROLLED),
            // As high as far: a lob at 45 degrees is up for the root of twice its length by gravity.
            Way::Lobbed => sqrt((2 * $feet) / Ball::GRAVITY),
            Way::Thrown => $this->throws->given($feet, Speed::ofMph($this->profile->infieldArm)),
            Way::Runs => $this->legs->secondsFor($feet),
        };
    }

    /** s from glove to release, feet set. */
    public function exchange(): float
    {
        return $this->profile->motion->exchangeSet;
    }

    /** Whether it is hit with a bat: nobody rolls a ball so far. */
    public static function isHit(Way $way, string $from, float $feet): bool
    {
        return Way::Rolled === $way && 'H' === $from && $feet >= self::HIT_FROM;
    }

    /** ft/s */
    private function fungo(): float
    {
        return Speed::ofMph($this->profile->groundBallSpeed * self::FUNGO)->feetPerSecond;
    }
}
