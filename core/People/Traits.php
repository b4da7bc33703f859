<?php

declare(strict_types=1);

namespace FoxCorner\Core\People;

use FoxCorner\Core\Problem\Problem;

/**
 * What is known of one player's body: hands, and what stopwatch, radar and tape said.
 *
 * A missing measurement is null; the level then answers with its own figure as an estimate.
 */
final readonly class Traits
{
    /** A pace of a grown player, in feet; used until somebody walks it off. */
    public const ORDINARY_PACE = 2.5;

    /**
     * @param float|null $homeToFirst seconds from contact to first on the team's own base path
     * @param float|null $armMph      throwing speed in miles per hour
     * @param float|null $paceFeet    one walking step in feet
     * @param float|null $exchange    seconds from glove to release, feet set; a catcher's on a steal
     * @param float|null $timeToPlate a pitcher's seconds from the first move to the catcher's glove
     */
    private function __construct(
        public Hand $throws,
        public Bats $bats,
        public ?float $homeToFirst,
        public ?float $armMph,
        public ?float $paceFeet,
        public ?float $exchange,
        public ?float $timeToPlate,
        public Pitching $pitching,
        public PitcherFielding $fielding,
    ) {}

    /** @throws Problem when a measurement cannot be a person's */
    public static function of(
        Hand $throws,
        Bats $bats,
        ?float $homeToFirst = null,
        ?float $armMph = null,
        ?float $paceFeet = null,
        ?float $exchange = null,
        ?float $timeToPlate = null,
        Pitching $pitching = Pitching::Ordinary,
        PitcherFielding $fielding = PitcherFielding::Ordinary,
    ): self {
        $traits = new self(
            $throws,
            $bats,
            $homeToFirst,
            $armMph,
            $paceFeet,
            $exchange,
            $timeToPlate,
            $pitching,
            $fielding,
        );
        foreach (Quantity::cases() as $quantity) {
            $value = $traits->measured($quantity);
            if (null !== $value) {
                $quantity->check($value, $quantity->field());
            }
        }

        return $traits;
    }

    /**
     * The same from whatever is known of what can be measured.
     *
     * @param array<string, float|null> $measured by the quantity's value, in its unit
     *
     * @throws Problem when a measurement cannot be a person's
     */
    public static function measuring(
        Hand $throws,
        Bats $bats,
        array $measured,
        Pitching $pitching = Pitching::Ordinary,
        PitcherFielding $fielding = PitcherFielding::Ordinary,
    ): self {
        return self::of(
            $throws,
            $bats,
            $measured[Quantity::HomeToFirst->value] ?? null,
            $measured[Quantity::Arm->value] ?? null,
            $measured[Quantity::Pace->value] ?? null,
            $measured[Quantity::Exchange->value] ?? null,
            $measured[Quantity::TimeToPlate->value] ?? null,
            $pitching,
            $fielding,
        );
    }

    /** In the quantity's unit; null when nobody has measured it. */
    public function measured(Quantity $quantity): ?float
    {
        return match ($quantity) {
            Quantity::HomeToFirst => $this->homeToFirst,
            Quantity::Arm => $this->armMph,
            Quantity::Pace => $this->paceFeet,
            Quantity::Exchange => $this->exchange,
            Quantity::TimeToPlate => $this->timeToPlate,
        };
    }

    public static function unknown(): self
    {
        return self::of(Hand::Right, Bats::Right);
    }

    public function pace(): float
    {
        return $this->paceFeet ?? self::ORDINARY_PACE;
    }
}
