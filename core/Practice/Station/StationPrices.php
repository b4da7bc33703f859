<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Station;

use FoxCorner\Core\Level\AgeGroup;

/** What it takes away from the worth of filled rounds that somebody waits, stands in a line or helps. */
final readonly class StationPrices
{
    /** Of a need's worth, a minute of one waiting player. Source: the project's model. */
    public const IDLE_MINUTE = 0.2;
    /** A share of a floor is worth 28. Source for all of them: the project's practice. */
    private const IDLE = 20.0;
    private const HELPING = 1.0;
    /** What it grows by with each of his rounds, and to at most: less than what it is to wait (ours). */
    private const ALWAYS = 7.0;
    private const STILL = 15.0;
    private const LINE = 8.0;
    private const STATION = 1.0;
    /** Rounds from which a new station is as dear as it gets: in fewer there are fewer anyway (ours). */
    private const ROUNDS = 5;
    /** Of a player's third round at the same station, and of each further one (ours). */
    private const AGAIN = 6.0;
    private const OFTEN = 2;

    /**
     * @param float $idle    a player's first round in which he waits
     * @param bool  $isFair  whether each further one weighs more than his last
     * @param float $helping likewise a round in which he helps
     * @param float $line    a round all of which is spent in a line
     * @param float $kind    a station that was not run before in this practice
     * @param float $station one round of a station
     * @param float $again   a player's third round at the same
     */
    private function __construct(
        private float $idle,
        private bool $isFair = false,
        private float $helping = 0.0,
        public float $line = 0.0,
        public float $kind = 0.0,
        public float $station = 0.0,
        private float $again = 0.0,
    ) {}

    /** By the minute that somebody waits, and nothing else. */
    public static function plain(float $roundMinutes): self
    {
        return new self(self::IDLE_MINUTE * $roundMinutes);
    }

    /** Nobody is left over, nobody is always the helper, and stations stand for as long as they are of use. */
    public static function ofPractice(AgeGroup $age, int $rounds): self
    {
        $kind = self::kindOf($age) * min(1.0, $rounds / self::ROUNDS);

        return new self(self::IDLE, true, self::HELPING, self::LINE, $kind, self::STATION, self::AGAIN);
    }

    /** Of somebody who waits in so many rounds, all together. */
    public function waiting(int $rounds): float
    {
        return $this->idle * ($this->isFair ? ($rounds * ($rounds + 1)) / 2 : $rounds);
    }

    /** Of somebody who is at the same station in so many rounds. */
    public function again(int $rounds): float
    {
        return $this->again * max(0, $rounds - self::OFTEN);
    }

    /** Likewise of helping: 1, 8, 15 for the first, second, third round, and no more for any other. */
    public function helping(int $rounds): float
    {
        $sum = 0.0;
        for ($round = 0; $round < $rounds; ++$round) {
            $sum += min(self::STILL, 1.0 + self::ALWAYS * $round);
        }

        return $this->helping * $sum;
    }

    /** Children need few stations to stand; the older have more kinds of work to share them out over. */
    private static function kindOf(AgeGroup $age): float
    {
        return match ($age) {
            AgeGroup::Child => 5.0,
            AgeGroup::Youth => 15.0,
            AgeGroup::Older => 40.0,
        };
    }
}
