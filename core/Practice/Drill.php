<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice;

/** A drill: what it is for, how it is set up and run, and what it costs in people, time and arms. */
final readonly class Drill
{
    /**
     * @param string                   $key           stays the same for ever
     * @param string                   $short         a word or two for a small box
     * @param array<int, list<string>> $serves        skills by position number
     * @param int                      $atOnce        players who work at the same time
     * @param int                      $secondsPerRep for one player's repetition
     * @param int                      $throwsPerRep  that the player's arm makes
     * @param int                      $helpers       grown-ups or feeders it needs
     * @param array<string, int>       $equipment     pieces by name
     * @param list<string>             $steps
     * @param list<string>             $points        what to look for
     * @param list<string>             $cautions
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $short,
        public string $purpose,
        public array $serves,
        public DrillPlace $place,
        public int $min,
        public int $max,
        public int $atOnce,
        public int $secondsPerRep,
        public int $throwsPerRep,
        public int $helpers,
        public array $equipment,
        public array $steps,
        public array $points,
        public array $cautions,
    ) {
    }

    /** Repetitions that each of a group gets in so many minutes: floor(length / (seconds × turns)). */
    public function repetitions(int $group, int $minutes): int
    {
        return $group < 1 ? 0 : intdiv($minutes * 60, $this->secondsPerRep * (int) ceil($group / $this->atOnce));
    }
}
