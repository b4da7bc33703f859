<?php

declare(strict_types=1);

namespace FoxCorner\Core\Motion;

use FoxCorner\Core\Field\Sport;

/** The balls in play, with what the air does to a thrown one. */
enum Ball: string
{
    case Baseball = 'baseball';
    case Softball12 = 'softball-12';
    case Softball11 = 'softball-11';

    /** ft/s² */
    public const GRAVITY = 32.174;

    /** Air density in kg/m³ at sea level on a mild day. */
    private const AIR = 1.2;
    /** Drag coefficient of a thrown ball. Source: the project's model. */
    private const DRAG = 0.38;
    private const METRES_IN_FOOT = 0.3048;

    public static function for(Sport $sport): self
    {
        return $sport->isSoftball() ? self::Softball12 : self::Baseball;
    }

    /** k = ½ρC_dA/m per foot: the share of its speed that a thrown ball loses in a foot. */
    public function dragPerFoot(): float
    {
        $area = \M_PI * ($this->diameter() / 2) ** 2;

        return ((0.5 * self::AIR * self::DRAG * $area) / $this->mass()) * self::METRES_IN_FOOT;
    }

    /** kg */
    private function mass(): float
    {
        return match ($this) {
            self::Baseball => 0.145,
            self::Softball12 => 0.188,
            self::Softball11 => 0.17,
        };
    }

    /** m */
    private function diameter(): float
    {
        return match ($this) {
            self::Baseball => 0.0732,
            self::Softball12 => 0.097,
            self::Softball11 => 0.0889,
        };
    }
}
