<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Schedule;

use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Drill\Pace;
use FoxCorner\Core\Practice\Need\Taught;
use FoxCorner\Core\Practice\Station\StationPrices;

/** How fast these players work, what has to be explained to them, and what their arms and legs may do. */
final readonly class Pacing
{
    /** Of those who come, how many have to have been at a drill before it is known (ours). */
    private const KNOWN = 0.5;

    /** @param array<string, true>|null $known drills by key; null: by the clock, and nothing is explained */
    private function __construct(public AgeGroup $age, private ?array $known) {}

    /** By the clock alone. */
    public static function plain(): self
    {
        return new self(AgeGroup::Older, null);
    }

    /**
     * @param list<string> $players ids of those who come
     * @param list<Taught> $taught  before
     */
    public static function of(AgeGroup $age, array $players, array $taught): self
    {
        $had = [];
        foreach ($taught as $one) {
            $had[$one->drill][$one->player] = true;
        }
        $coming = array_flip($players);

        return new self(
            $age,
            array_map(
                static fn(array $who): bool => true,
                array_filter(
                    $had,
                    static fn(array $who): bool => \count(array_intersect_key($who, $coming)) >=
                        self::KNOWN * \count($coming),
                ),
            ),
        );
    }

    public function pace(Drill $drill): Pace
    {
        return null === $this->known ? Pace::plain() : Pace::of($drill, $this->age, !isset($this->known[$drill->key]));
    }

    public function prices(): StationPrices
    {
        return StationPrices::ofPractice($this->age);
    }
}
