<?php

declare(strict_types=1);

namespace FoxCorner\Core\Field;

/** Where the bags and the pitcher's plate lie for a base path and a pitching distance, both in feet. */
final readonly class Diamond
{
    /** Degrees from straight away, to either side: the foul lines. */
    public const FAIR = 45.0;

    /** @var array<int, Point> by the base's value */
    private array $bags;

    private function __construct(public float $basePath, public float $pitchingDistance)
    {
        $half = $basePath * \M_SQRT1_2;
        $this->bags = [
            Base::First->value => Point::of($half, $half),
            Base::Second->value => Point::of(0.0, 2 * $half),
            Base::Third->value => Point::of(-$half, $half),
            Base::Home->value => Point::home(),
        ];
    }

    public static function of(float $basePath, float $pitchingDistance): self
    {
        return new self($basePath, $pitchingDistance);
    }

    public function at(Base $base): Point
    {
        return $this->bags[$base->value];
    }

    public function pitchersPlate(): Point
    {
        return Point::of(0.0, $this->pitchingDistance);
    }
}
