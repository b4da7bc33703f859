<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Schedule;

use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Need\Demand;
use FoxCorner\Core\Practice\Need\FloorMet;
use FoxCorner\Core\Practice\Need\Grade;
use FoxCorner\Core\Practice\Need\Taught;
use FoxCorner\Core\Problem\Problem;

/**
 * The practices up to the next game, one after the other: what one gives the next need not give again, and what one
 * leaves short the next makes up for. Nothing is hard twice running, and the day before the game is light.
 */
final readonly class PracticeWeek
{
    /** Days between two practices of which the second is light, and before a game (ours: the next day). */
    private const NEXT_DAY = 1.25;
    /** Of one floor's worth; less is no gain (ours). */
    private const GAIN = 0.01;

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
     * Each once, the first first: what one gives the next need not give.
     *
     * @param list<Taught>         $before  as of today
     * @param list<Demand>         $demands of plan and game
     * @param array<string, Drill> $drills  to choose from, by key
     *
     * @return list<SolvedDay>
     *
     * @throws Problem as {@see PracticeDay::ready}
     */
    public function solve(array $before, array $demands, array $drills, int $seed = 1): array
    {
        foreach ($this->search($before, $demands, $drills, $seed) as $solved) {
            if (\count($solved) === \count($this->days)) {
                return $solved;
            }
        }

        return [];
    }

    /**
     * The week as a whole: first each once, then each again beside the others as they are, which is kept where the
     * floors of the week gain and nobody waits more.
     *
     * @param list<Taught>         $before  as of today
     * @param list<Demand>         $demands of plan and game
     * @param array<string, Drill> $drills  to choose from, by key
     *
     * @return \Generator<int, list<SolvedDay>> the best so far after each step; as long as there are fewer than days,
     *                                          not all are solved. There are {@see steps()}
     *
     * @throws Problem as {@see PracticeDay::ready}
     */
    public function search(array $before, array $demands, array $drills, int $seed = 1): \Generator
    {
        $best = [];
        foreach (array_keys($this->days) as $index) {
            $best[] = $this->at($index, $best, $before, $demands, $drills, $seed);
            yield $best;
        }
        for ($index = 0; \count($best) > 1 && $index < \count($best); ++$index) {
            $again = $this->at($index, $best, $before, $demands, $drills, $seed + 1);
            $other = [...\array_slice($best, 0, $index), $again, ...\array_slice($best, $index + 1)];
            $gain = $this->worth($other) - $this->worth($best);
            $best = $gain > self::GAIN && $again->schedule->idle() <= $best[$index]->schedule->idle() ? $other : $best;
            yield $best;
        }
    }

    public function steps(): int
    {
        $days = \count($this->days);

        return $days > 1 ? 2 * $days : $days;
    }

    /**
     * How much of all floors is met.
     *
     * @param list<SolvedDay> $days all of them
     *
     * @return float 0 to 1
     */
    public function share(array $days): float
    {
        $floors = $this->floors($days);

        return array_sum(array_map(static fn(FloorMet $floor): float => $floor->share(), $floors)) /
            max(1, \count($floors));
    }

    /**
     * @param list<SolvedDay> $days all of them
     *
     * @return list<FloorMet> of everybody who comes to one of them
     */
    public function floors(array $days): array
    {
        return FloorMet::over(
            array_map(static fn(PracticeDay $day): array => [$day->players, $day->week(1)], $this->days),
            array_merge(...array_map(static fn(SolvedDay $day): array => $day->taught(), $days)),
            $this->days[0]->ever,
        );
    }

    /** @param list<SolvedDay> $days all of them */
    private function worth(array $days): float
    {
        return array_sum(array_map(static fn(FloorMet $floor): float => $floor->worth(), $this->floors($days)));
    }

    /**
     * One practice, beside the others as far as they are solved.
     *
     * @param array<int, SolvedDay> $others  by day; one of the day itself is not looked at
     * @param list<Taught>          $before
     * @param list<Demand>          $demands
     * @param array<string, Drill>  $drills
     */
    private function at(int $index, array $others, array $before, array $demands, array $drills, int $seed): SolvedDay
    {
        $inDays = $this->inDays[$index];
        $past = array_map(static fn(Taught $one): Taught => $one->after($inDays), $before);
        $later = [];
        foreach (array_diff_key($others, [$index => true]) as $other => $solved) {
            $ago = $inDays - $this->inDays[$other];
            foreach ($solved->taught() as $one) {
                $other < $index ? ($past[] = $one->after($ago)->graded($this->grade)) : ($later[] = $one);
            }
        }
        $day = $this->days[$index]->between($past, $later);
        $day = $this->isLight($index) ? $day->lighter() : $day;

        return $day->ready($demands, $drills, $seed)->solve();
    }

    /** Whether a practice is to be light on arms, and of what is known. */
    public function isLight(int $index): bool
    {
        $isNear = static fn(float $later, float $earlier): bool => $later > $earlier &&
            $later - $earlier <= self::NEXT_DAY;

        return true === ($this->days[$index] ?? null)?->isLight() ||
            (null !== $this->game && $isNear($this->game, $this->inDays[$index])) ||
            ($index > 0 && !$this->isLight($index - 1) && $isNear($this->inDays[$index], $this->inDays[$index - 1]));
    }
}
