<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Running;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\Traits;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Value\ButFor;

/** Pitcher and catcher, as a runner who may go sees them. */
final readonly class Battery
{
    use ButFor;

    /** s that a slide step takes off the delivery, and its least (ours). */
    private const SLIDE_STEP = 0.15;
    private const QUICKEST = 1.0;
    /** s that a pitch-out takes off the exchange: the catcher comes up throwing (ours). */
    private const PITCH_OUT = 0.12;

    /**
     * @param float $toPlate  s from the pitcher's first move to the catcher's glove; from the release where runners may
     *                        not leave before it
     * @param float $exchange s, the catcher's, glove to release
     * @param float $handled  share of pitches that the catcher has at once
     * @param Speed $pitcher  how hard the pitcher throws to a base
     * @param Hand  $hand     the pitcher's
     * @param Hand  $catches  the hand that the catcher throws with
     */
    public function __construct(
        public float $toPlate,
        public float $exchange,
        public Speed $catcher,
        public float $handled,
        public Speed $pitcher,
        public Hand $hand = Hand::Right,
        public Hand $catches = Hand::Right,
    ) {}

    /** Seconds that the catcher needs more than a right-hander to throw so far; negative: less. */
    public function catcherTurns(Point $to): float
    {
        $feet = $to->distanceTo(Point::home());

        return Giving::unlikeRight($this->catches->armSide(), $to->x / $feet, $feet);
    }

    /** What has been measured of the two; the level answers for the rest. */
    public static function of(LevelProfile $level, Traits $pitcher, Traits $catcher): self
    {
        return new self(
            $pitcher->timeToPlate ?? $level->running->toPlate,
            $catcher->exchange ?? $level->running->catcherExchange,
            Speed::ofMph($catcher->armMph ?? $level->catcherArm),
            $level->running->handled,
            Speed::ofMph($pitcher->armMph ?? $level->infieldArm),
            $pitcher->throws,
            $catcher->throws,
        );
    }

    /** Pitcher and catcher of those who are on the field. */
    public static function onField(Scene $scene): self
    {
        return self::of(
            $scene->level,
            $scene->cast->at(Position::Pitcher)->player->traits,
            $scene->cast->at(Position::Catcher)->player->traits,
        );
    }

    public static function ordinary(LevelProfile $level): self
    {
        return self::of($level, Traits::unknown(), Traits::unknown());
    }

    /** The same pitcher with a low, quick leg; a quick one gains nothing. */
    public function slideStepping(): self
    {
        $toPlate = max(min($this->toPlate, self::QUICKEST), $this->toPlate - self::SLIDE_STEP);

        return $this->but(toPlate: $toPlate);
    }

    /** The same catcher, quicker to let go by so many s. */
    public function releasing(float $sooner): self
    {
        return $this->but(exchange: max(0.0, $this->exchange - $sooner));
    }

    /** The same catcher, who throws so many miles an hour harder. */
    public function throwingHarder(float $mph): self
    {
        return $this->but(catcher: Speed::ofMph($this->catcher->mph() + $mph));
    }

    /** The same catcher, who has every pitch at once. */
    public function always(): self
    {
        return $this->handling(1.0);
    }

    /** The same, whom every pitch gets by. */
    public function never(): self
    {
        return $this->handling(0.0);
    }

    /** A pitch wide of the batter, that the catcher expects: he always has it, on his feet. */
    public function pitchingOut(): self
    {
        return $this->releasing(self::PITCH_OUT)->always();
    }

    private function handling(float $handled): self
    {
        return $this->but(handled: $handled);
    }
}
