<?php

declare(strict_types=1);

namespace FoxCorner\Core\People;

use FoxCorner\Core\InvalidValue;

/**
 * What is known of one player's body: hands, and what stopwatch, radar and tape said.
 *
 * A missing measurement is null; {@see LevelProfile} then answers with its own figure as an estimate.
 */
final readonly class Traits
{
    /** A pace of a grown player, in feet; used until somebody walks it off. */
    public const ORDINARY_PACE = 2.5;

    /**
     * @param float|null $homeToFirst seconds from contact to first on the team's own base path
     * @param float|null $armMph      throwing speed in miles per hour
     * @param float|null $paceFeet    one walking step in feet
     */
    private function __construct(
        public Hand $throws,
        public Bats $bats,
        public ?float $homeToFirst,
        public ?float $armMph,
        public ?float $paceFeet,
    ) {
    }

    /** @throws InvalidValue when a measurement cannot be a person's */
    public static function of(Hand $throws, Bats $bats, ?float $homeToFirst = null, ?float $armMph = null, ?float $paceFeet = null): self
    {
        if (null !== $homeToFirst) {
            Quantity::HomeToFirst->check($homeToFirst, 'home to first');
        }
        if (null !== $armMph) {
            Quantity::Arm->check($armMph, 'arm');
        }
        if (null !== $paceFeet) {
            Quantity::Pace->check($paceFeet, 'pace');
        }

        return new self($throws, $bats, $homeToFirst, $armMph, $paceFeet);
    }

    public static function unknown(): self
    {
        return new self(Hand::Right, Bats::Right, null, null, null);
    }

    public function pace(): float
    {
        return $this->paceFeet ?? self::ORDINARY_PACE;
    }
}
