<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Schedule;

use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Drill\Pace;
use FoxCorner\Core\Practice\Need\Taught;
use FoxCorner\Core\Practice\Station\StationPrices;
use FoxCorner\Core\Value\ButFor;

/** How fast these players work, what has to be explained to them, and what their arms and legs may do. */
final readonly class Pacing
{
    use ButFor;

    /** Of those who come and play where it is done, how many have to have been at a drill before it is known (ours). */
    private const KNOWN = 0.5;
    /** Of the usual throws, what is left for the day before a game and the day after a hard one (ours). */
    private const LIGHT = 0.5;

    /**
     * @param list<RosterPlayer>                 $players who come
     * @param array<string, array<string, true>> $had     who has been at it, by drill and player
     * @param bool                               $isClock whether nothing counts but the clock
     */
    private function __construct(
        public AgeGroup $age,
        private array $players,
        private array $had,
        private bool $isClock = false,
        public bool $isLight = false,
    ) {}

    /** By the clock alone. */
    public static function plain(): self
    {
        return new self(AgeGroup::Older, [], [], true);
    }

    /**
     * @param list<RosterPlayer> $players who come
     * @param list<Taught>       $taught  before
     */
    public static function of(AgeGroup $age, array $players, array $taught): self
    {
        $had = [];
        foreach ($taught as $one) {
            $had[$one->drill][$one->player] = true;
        }

        return new self($age, $players, $had);
    }

    public function pace(Drill $drill): Pace
    {
        return $this->isClock ? Pace::plain() : Pace::of($drill, $this->age, !$this->isKnown($drill));
    }

    private function isKnown(Drill $drill): bool
    {
        $who = array_filter(
            $this->players,
            static fn(RosterPlayer $player): bool => [] !==
                array_intersect(Position::numbers(\array_slice($player->positions, 0, 1)), $drill->positions()),
        );
        $have = array_filter($who, fn(RosterPlayer $player): bool => isset($this->had[$drill->key][$player->id]));

        return [] !== $have && \count($have) >= self::KNOWN * \count($who);
    }

    /** The same with half of the throws, and nothing that has to be explained. */
    public function lighter(): self
    {
        return $this->but(isLight: true);
    }

    /** Hard throws of one arm. */
    public function throws(): int
    {
        return (int) round($this->age->throws() * ($this->isLight ? self::LIGHT : 1.0));
    }

    /**
     * What there is to choose from: on a light day only what they know, as far as they know anything.
     *
     * @param array<string, Drill> $drills by key
     *
     * @return array<string, Drill>
     */
    public function fitting(array $drills): array
    {
        $known = $this->isLight ? array_filter($drills, $this->isKnown(...)) : [];

        return [] === array_filter($known, static fn(Drill $drill): bool => $drill->isStation()) ? $drills : $known;
    }

    public function prices(int $rounds): StationPrices
    {
        return StationPrices::ofPractice($this->age, $rounds);
    }
}
