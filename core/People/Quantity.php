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
        return match ($this) {
            self::HomeToFirst => OutOfRange::unlessBetween($field, $value, 2.2, 8.0, 'seconds'),
            self::Arm => OutOfRange::unlessBetween($field, $value, 20.0, 110.0, 'miles per hour'),
            self::Pace => OutOfRange::unlessBetween($field, $value, 1.0, 5.0, 'feet'),
            self::Exchange => OutOfRange::unlessBetween($field, $value, 0.3, 2.5, 'seconds'),
            self::TimeToPlate => OutOfRange::unlessBetween($field, $value, 0.3, 3.0, 'seconds'),
        };
    }
}
