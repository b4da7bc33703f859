<?php

declare(strict_types=1);

namespace FoxCorner\Core\Motion;

/** A speed; the core counts in feet per second, people in miles per hour. */
final readonly class Speed
{
    private const FEET_PER_SECOND_IN_MPH = 5280 / 3600;

    /** In hundredths of a foot per second: the same for speeds that nobody can tell apart. */
    public int $hundredths;

    private function __construct(public float $feetPerSecond)
    {
        $this->hundredths = (int) round(100 * $feetPerSecond);
    }

    public static function ofMph(float $milesPerHour): self
    {
        return new self($milesPerHour * self::FEET_PER_SECOND_IN_MPH);
    }

    public static function ofFeetPerSecond(float $feetPerSecond): self
    {
        return new self($feetPerSecond);
    }

    public function mph(): float
    {
        return $this->feetPerSecond / self::FEET_PER_SECOND_IN_MPH;
    }
}
