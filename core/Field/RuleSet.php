<?php

declare(strict_types=1);

namespace FoxCorner\Core\Field;

use FoxCorner\Core\InvalidValue;

/**
 * The field and the rules that decide what a defence must expect. Distances in feet.
 *
 * What a league plays is the league's word: every value can be replaced with {@see self::withField()}.
 */
final readonly class RuleSet
{
    /**
     * @param float $skinRadius   radius of the dirt's outer edge around the middle of the pitcher's plate
     * @param bool  $grassInfield whether the infield inside the base paths is grass (the bunt rolls on it)
     */
    public function __construct(
        public string $key,
        public string $name,
        public Sport $sport,
        public float $basePath,
        public float $pitchingDistance,
        public int $innings,
        public LeadRule $leads,
        public bool $steals,
        public bool $bunts,
        public bool $balkRule,
        public bool $circleRule,
        public bool $doubleFirstBase,
        public float $skinRadius,
        public Fence $fence,
        public Surface $surface,
        public bool $grassInfield,
    ) {
        InvalidValue::unlessBetween('base path', $basePath, 45.0, 100.0, 'feet');
        InvalidValue::unlessBetween('pitching distance', $pitchingDistance, 25.0, 65.0, 'feet');
        InvalidValue::unlessBetween('innings', $innings, 3, 12, 'innings');
        InvalidValue::unlessBetween('skin radius', $skinRadius, 30.0, 120.0, 'feet');
        if ($pitchingDistance >= $basePath) {
            throw InvalidValue::because('pitching distance', \sprintf('%g ft is not shorter than the base path', $pitchingDistance), \sprintf('less than %g feet', $basePath));
        }
    }

    public function diamond(): Diamond
    {
        return Diamond::of($this->basePath, $this->pitchingDistance);
    }

    /** What a bunt rolls on: the infield's grass where there is any. */
    public function buntSurface(): Surface
    {
        return $this->grassInfield ? $this->surface : Surface::Dirt;
    }

    /** The same rules on a field with other measures, in feet. @throws InvalidValue */
    public function withField(float $basePath, float $pitchingDistance, Fence $fence, Surface $surface): self
    {
        return new self(
            $this->key, $this->name, $this->sport, $basePath, $pitchingDistance, $this->innings, $this->leads, $this->steals, $this->bunts,
            $this->balkRule, $this->circleRule, $this->doubleFirstBase, $this->skinRadius, $fence, $surface, $this->grassInfield,
        );
    }
}
