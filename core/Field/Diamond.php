<?php

declare(strict_types=1);

namespace FoxCorner\Core\Field;

/** Where the bags and the pitcher's plate lie for a base path and a pitching distance, both in feet. */
final readonly class Diamond
{
    /** Degrees from straight away, to either side: the foul lines. */
    public const FAIR = 45.0;

    private function __construct(public float $basePath, public float $pitchingDistance) {}

    public static function of(float $basePath, float $pitchingDistance): self
    {
        return new self($basePath, $pitchingDistance);
    }

    public function at(Base $base): Point
    {
        $half = $this->basePath * \M_SQRT1_2;

        return match ($base) {
            Base::First => Point::of($half, $half),
            Base::Second => Point::of(0.0, 2 * $half),
            Base::Third => Point::of(-$half, $half),
            Base::Home => Point::home(),
        };
    }

    public function pitchersPlate(): Point
    {
        return Point::of(0.0, $this->pitchingDistance);
    }
}
