<?php

declare(strict_types=1);

namespace FoxCorner\Core\Field;

use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Value\ButFor;

/**
 * The field and the rules that decide what a defence must expect. Distances in feet.
 *
 * What a league plays is the league's word: every value can be replaced with {@see self::with()}.
 */
final readonly class RuleSet
{
    use ButFor;

    private Diamond $diamond;

    /**
     * @param float $skinRadius   radius of the dirt's outer edge around the middle of the pitcher's plate
     * @param bool  $grassInfield whether the infield inside the base paths is grass (the bunt rolls on it)
     * @param bool  $extraRunner  whether extra innings begin with a runner on second
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
        public bool $extraRunner = false,
    ) {
        OutOfRange::unlessBetween('base path', $basePath, 45.0, 100.0, 'feet');
        OutOfRange::unlessBetween('pitching distance', $pitchingDistance, 25.0, 65.0, 'feet');
        OutOfRange::unlessBetween('innings', $innings, 3, 12, 'innings');
        OutOfRange::unlessBetween('skin radius', $skinRadius, 30.0, 120.0, 'feet');
        if ($pitchingDistance >= $basePath) {
            throw Refused::because(
                'pitching distance',
                \sprintf('%g ft is not shorter than the base path', $pitchingDistance),
                \sprintf('less than %g feet', $basePath),
            );
        }
        $this->diamond = Diamond::of($basePath, $pitchingDistance);
    }

    public function diamond(): Diamond
    {
        return $this->diamond;
    }

    /** What a bunt rolls on: the infield's grass where there is any. */
    public function buntSurface(): Surface
    {
        return $this->grassInfield ? $this->surface : Surface::Dirt;
    }

    /**
     * The same rules with other values; what is null stays. Distances in feet.
     *
     * @throws Problem
     */
    public function with(
        ?float $basePath = null,
        ?float $pitchingDistance = null,
        ?int $innings = null,
        ?LeadRule $leads = null,
        ?bool $steals = null,
        ?bool $bunts = null,
        ?bool $balkRule = null,
        ?bool $circleRule = null,
        ?bool $doubleFirstBase = null,
        ?float $skinRadius = null,
        ?Fence $fence = null,
        ?Surface $surface = null,
        ?bool $grassInfield = null,
        ?bool $extraRunner = null,
    ): self {
        return $this->but(
            basePath: $basePath ?? $this->basePath,
            pitchingDistance: $pitchingDistance ?? $this->pitchingDistance,
            innings: $innings ?? $this->innings,
            leads: $leads ?? $this->leads,
            steals: $steals ?? $this->steals,
            bunts: $bunts ?? $this->bunts,
            balkRule: $balkRule ?? $this->balkRule,
            circleRule: $circleRule ?? $this->circleRule,
            doubleFirstBase: $doubleFirstBase ?? $this->doubleFirstBase,
            skinRadius: $skinRadius ?? $this->skinRadius,
            fence: $fence ?? $this->fence,
            surface: $surface ?? $this->surface,
            grassInfield: $grassInfield ?? $this->grassInfield,
            extraRunner: $extraRunner ?? $this->extraRunner,
        );
    }
}
