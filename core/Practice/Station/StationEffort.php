<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Station;

/** What the players' arms and legs do in filled rounds, and who does more than he may. Mutable. */
final class StationEffort
{
    /** How often somebody does more than he may: once for his arm, once for his legs. */
    public int $over = 0;
    /** @var list<array<int, int>> throws and sprints by player */
    private array $done;
    /** @var list<list<int|null>> what is left of them, likewise */
    private array $left;
    /** @var list<list<int>> in a repetition, by station */
    private array $each;

    public function __construct(StationProblem $problem)
    {
        $this->done = array_fill(0, 2, array_fill(0, \count($problem->players), 0));
        $this->left = [
            array_map(static fn(StationPlayer $player): ?int => $player->throwsLeft, $problem->players),
            array_map(static fn(StationPlayer $player): ?int => $player->sprintsLeft, $problem->players),
        ];
        $this->each = [
            array_map(static fn(Station $station): int => $station->throwsPerRep, $problem->stations),
            array_map(static fn(Station $station): int => $station->sprintsPerRep, $problem->stations),
        ];
    }

    /** Whether a station asks anything of arms or legs of which somebody has an end. */
    public function isAt(int $station): bool
    {
        foreach ($this->each as $kind => $each) {
            if ($each[$station] > 0 && [] !== array_filter($this->left[$kind], is_int(...))) {
                return true;
            }
        }

        return false;
    }

    /** So many repetitions more of a player at a station. */
    public function add(int $station, int $player, int $reps): void
    {
        foreach ($this->each as $kind => $each) {
            $more = $each[$station] * $reps;
            $left = $this->left[$kind][$player];
            if (null !== $left && 0 !== $more) {
                $done = $this->done[$kind][$player];
                $this->over += (int) ($done + $more > $left) - (int) ($done > $left);
                $this->done[$kind][$player] = $done + $more;
            }
        }
    }
}
