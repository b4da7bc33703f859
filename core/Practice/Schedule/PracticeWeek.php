<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Schedule;

use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Need\Demand;
use FoxCorner\Core\Practice\Need\Grade;
use FoxCorner\Core\Practice\Need\Taught;

/**
 * The practices up to the next game, one after the other: what one gives the next need not give again, and what one
 * leaves short the next makes up for. Nothing is hard twice running, and the day before the game is light.
 */
final readonly class PracticeWeek
{
    /** Days between two practices of which the second is light, and before a game (ours: the next day). */
    private const NEXT_DAY = 1.25;

    /**
     * @param list<PracticeDay> $days   as many as there are practices; what was had before each is not looked at
     * @param list<float>       $inDays when each is, the first first
     * @param float|null        $game   in days; null: none is near
     * @param Grade|null        $grade  as which each is taken to go; null: nobody grades it
     */
    public function __construct(
        private array $days,
        private array $inDays,
        private ?float $game = null,
        private ?Grade $grade = null,
    ) {}

    /**
     * @param list<Taught>         $before  as of today
     * @param list<Demand>         $demands of plan and game
     * @param array<string, Drill> $drills  to choose from, by key
     *
     * @return list<Schedule>
     */
    public function solve(array $before, array $demands, array $drills, int $seed = 1): array
    {
        $schedules = [];
        foreach ($this->inDays as $index => $inDays) {
            $past = array_map(static fn(Taught $one): Taught => $one->after($inDays), $before);
            $day = $this->days[$index]->after($past);
            $day = $this->isLight($index) ? $day->lighter() : $day;
            $schedules[] = $schedule = Scheduler::solve($day->asked($demands, $drills, $seed));
            array_push(
                $before,
                ...array_map(
                    fn(Taught $one): Taught => $one->after(-$inDays)->graded($this->grade),
                    $schedule->taught($day->age()),
                ),
            );
        }

        return $schedules;
    }

    /** Whether a practice is to be light on arms, and of what is known. */
    public function isLight(int $index): bool
    {
        $isNear = static fn(float $later, float $earlier): bool => $later > $earlier &&
            $later - $earlier <= self::NEXT_DAY;

        return (null !== $this->game && $isNear($this->game, $this->inDays[$index])) ||
            ($index > 0 && !$this->isLight($index - 1) && $isNear($this->inDays[$index], $this->inDays[$index - 1]));
    }
}
