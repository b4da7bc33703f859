<?php

declare(strict_types=1);

namespace FoxCorner\Core\Motion;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;

/**
 * A ball hit to the outfield: in the air to where it comes down, then along the ground until it rests or the fence
 * stops it. One on the ground comes down at the plate.
 */
final class BattedBall
{
    /** Share of its speed along the ground that a ball keeps as it comes down. Source: the project's model. */
    private const KEEPS = 0.55;
    /** mph off the bat of the hardest ball that is reckoned with (ours). */
    private const HARDEST = 130.0;
    /** ft in front of the fence at which a ball lies that has reached it (ours). */
    private const OFF_FENCE = 3.0;

    /** @var array<string, HangTimes> by kind and ball */
    private static array $hangs = [];

    public readonly float $directionX;
    public readonly float $directionY;

    /**
     * @param float $lands ft from home at which it comes down
     * @param float $hang  s from contact until then
     * @param float $speed ft/s along the ground after that
     * @param float $slows ft/s²
     * @param float $fence ft from home to where the fence stops it
     */
    private function __construct(
        public readonly float $degrees,
        public readonly float $lands,
        public readonly float $hang,
        private readonly float $speed,
        private readonly float $slows,
        public readonly float $fence,
    ) {
        $this->directionX = sin(deg2rad($degrees));
        $this->directionY = cos(deg2rad($degrees));
    }

    /** A ground ball through the infield that would come to rest at a point, were there no fence. */
    public static function restingAt(Point $point, RuleSet $rules): self
    {
        return self::onTheGround(
            sqrt(2 * RollingBall::slows($rules->surface) * $point->distanceTo(Point::home())),
            $point->sprayDegrees(),
            $rules,
        );
    }

    public static function hitOnTheGround(Speed $exit, float $degrees, RuleSet $rules): self
    {
        return self::onTheGround(RollingBall::KEPT * $exit->feetPerSecond, $degrees, $rules);
    }

    /** @param float $speed ft/s along the ground as it sets out */
    private static function onTheGround(float $speed, float $degrees, RuleSet $rules): self
    {
        $slows = RollingBall::slows($rules->surface);

        return new self($degrees, 0.0, 0.0, $speed, $slows, self::fence($degrees, $rules));
    }

    /** @return self|null null when no ball of the kind comes down there */
    public static function comingDownAt(Point $point, FlyKind $kind, RuleSet $rules): ?self
    {
        $feet = $point->distanceTo(Point::home());
        $landing = self::hangTimes($kind, Ball::for($rules->sport))->landing($feet);
        $degrees = $point->sprayDegrees();

        return null === $landing
            ? null
            : new self(
                $degrees,
                $feet,
                $landing[0],
                self::KEEPS * $landing[1],
                RollingBall::slows($rules->surface),
                self::fence($degrees, $rules),
            );
    }

    /** ft to the farthest place at which a ball of the kind can come down */
    public static function farthest(FlyKind $kind, Ball $ball): float
    {
        return self::hangTimes($kind, $ball)->farthest();
    }

    public function isInTheAir(): bool
    {
        return $this->hang > 0.0;
    }

    /** ft from home at a moment, s from contact */
    public function distanceAfter(float $seconds): float
    {
        if ($seconds < $this->hang) {
            return ($this->lands * $seconds) / $this->hang;
        }
        $rolling = min($seconds - $this->hang, $this->speed / $this->slows);

        return min($this->fence, $this->lands + $this->speed * $rolling - ($this->slows / 2) * $rolling ** 2);
    }

    /** s from contact after which it does not move any more */
    public function restsAfter(): float
    {
        $left = $this->speed ** 2 - 2 * $this->slows * max(0.0, $this->fence - $this->lands);

        return $this->hang + ($this->speed - sqrt(max(0.0, $left))) / $this->slows;
    }

    /** Whether it gets to the fence if nobody has it. */
    public function reachesFence(): bool
    {
        return $this->distanceAfter($this->restsAfter()) >= $this->fence - 0.01;
    }

    public function at(float $seconds): Point
    {
        $feet = $this->distanceAfter($seconds);

        return Point::of($feet * $this->directionX, $feet * $this->directionY);
    }

    public function landing(): Point
    {
        return Point::of($this->lands * $this->directionX, $this->lands * $this->directionY);
    }

    private static function fence(float $degrees, RuleSet $rules): float
    {
        return $rules->fence->distanceAt($degrees) - self::OFF_FENCE;
    }

    private static function hangTimes(FlyKind $kind, Ball $ball): HangTimes
    {
        return self::$hangs[$kind->value . $ball->value] ??= HangTimes::of($kind, $ball, self::HARDEST);
    }
}
