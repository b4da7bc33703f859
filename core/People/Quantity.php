<?php

declare(strict_types=1);

namespace FoxCorner\Core\People;

use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;

/** What is measured of a player, several times. */
enum Quantity: string
{
    case HomeToFirst = 'home-to-first';
    case Arm = 'arm';
    case Pace = 'pace';
    /** Glove to release. */
    case Exchange = 'exchange';
    /** A pitcher's first move to the catcher's glove. */
    case TimeToPlate = 'time-to-plate';

    public function label(): string
    {
        return match ($this) {
            self::HomeToFirst => 'Home to first',
            self::Arm => 'Arm',
            self::Pace => 'One pace',
            self::Exchange => 'Exchange',
            self::TimeToPlate => 'Time to the plate',
        };
    }

    /** As files and messages call it. */
    public function field(): string
    {
        return str_replace('-', ' ', $this->value);
    }

    /** As the columns of files and the fields of questions call it: "home_to_first_s". */
    public function column(): string
    {
        return "{$this->stored()}_{$this->unit()}";
    }

    /** As it is kept, without its unit: "home_to_first". */
    public function stored(): string
    {
        return str_replace('-', '_', $this->value);
    }

    public function unit(): string
    {
        return match ($this) {
            self::HomeToFirst, self::Exchange, self::TimeToPlate => 's',
            self::Arm => 'mph',
            self::Pace => 'ft',
        };
    }

    /**
     * @param string $field what the outside calls it
     *
     * @throws Problem when it cannot be a person's
     */
    public function check(float $value, string $field): float
    {
        $unit = match ($this->unit()) {
            's' => 'seconds',
            'mph' => 'miles per hour',
            default => 'feet',
        };

        return OutOfRange::unlessBetween($field, $value, $this->least(), $this->most(), $unit);
    }

    /** The least that can be a person's, in its unit (ours). */
    public function least(): float
    {
        return match ($this) {
            self::HomeToFirst => 2.2,
            self::Arm => 20.0,
            self::Pace => 1.0,
            self::Exchange, self::TimeToPlate => 0.3,
        };
    }

    /** The most that can be a person's, in its unit (ours). */
    public function most(): float
    {
        return match ($this) {
            self::HomeToFirst => 8.0,
            self::Arm => 110.0,
            self::Pace => 5.0,
            self::Exchange => 2.5,
            self::TimeToPlate => 3.0,
        };
    }
}
