<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice;

/** What a schedule is worth: Σ weight × min(wanted, gained) less 0.2 for every minute that a player waits. */
final readonly class Worth
{
    /** Source: the project's model. */
    private const IDLE_MINUTE = 0.2;

    /** @var array<string, Need> */
    private array $needs;

    /** @param list<Need> $needs */
    public function __construct(array $needs)
    {
        $byKey = [];
        foreach ($needs as $need) {
            $byKey[$need->key()] = $need;
        }
        $this->needs = $byKey;
    }

    /** Whether the plan asks this of the position at all. */
    public function isAsked(Turn $turn): bool
    {
        return isset($this->needs[$turn->needKey()]);
    }

    /** @param array<int, Round> $rounds */
    public function of(array $rounds): float
    {
        $idle = array_sum(array_map(self::idle(...), $rounds));

        return $this->met($this->gained($rounds)) - $idle;
    }

    /**
     * Worth of one round on top of what the others give.
     *
     * @param array<string, int> $given by the need's key
     */
    public function ofRound(Round $round, array $given): float
    {
        return $this->met(self::add($given, $round)) - self::idle($round);
    }

    /**
     * @param array<int, Round> $rounds
     *
     * @return array<string, int> repetitions by the need's key
     */
    public function gained(array $rounds): array
    {
        return array_reduce($rounds, self::add(...), []);
    }

    /** @param array<string, int> $gained */
    private function met(array $gained): float
    {
        $sum = 0.0;
        foreach ($this->needs as $key => $need) {
            $sum += $need->weight * min($need->reps, $gained[$key] ?? 0);
        }

        return $sum;
    }

    private static function idle(Round $round): float
    {
        return self::IDLE_MINUTE * \count($round->idle) * $round->block->minutes;
    }

    /**
     * @param array<string, int> $gained
     *
     * @return array<string, int>
     */
    private static function add(array $gained, Round $round): array
    {
        foreach ($round->stations() as $station) {
            $each = $station[0]->drill->repetitions(\count($station), $round->block->minutes);
            foreach ($station as $turn) {
                $gained[$turn->needKey()] = ($gained[$turn->needKey()] ?? 0) + $each;
            }
        }

        return $gained;
    }
}
