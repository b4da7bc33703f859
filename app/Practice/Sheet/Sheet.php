<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Sheet;

use FoxCorner\Core\Practice\Build\Conflict;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Practice\Team\ScriptLine;

/** A solved practice as it is kept and printed; what changes later in roster or plan does not change it. */
final readonly class Sheet
{
    /** Of those who wait, as many as a title names. */
    private const NAMED = 3;

    /**
     * @param list<SheetBlock>  $blocks
     * @param list<SheetNeed>   $needs     the heaviest first
     * @param list<SheetChoice> $choices   the drills that were to be had
     * @param list<Conflict>    $conflicts stations that are never in the same round
     * @param list<ScriptLine>  $script    of team defence
     */
    public function __construct(
        public array $blocks,
        public array $needs,
        public array $choices = [],
        public array $conflicts = [],
        public array $script = [],
        public float $objective = 0.0,
    ) {}

    /** What it works on, in the words of a calendar: "charge and throw, cover first on the run and 3 more" */
    public function focus(): string
    {
        $names = array_map(fn(string $drill): string => lcfirst($this->name($drill)), $this->drills());
        $most = \array_slice($names, 0, 2);

        return implode(', ', $most) . (\count($names) > 2 ? ' and ' . (\count($names) - 2) . ' more' : '');
    }

    public function name(string $drill): string
    {
        foreach ($this->choices as $choice) {
            if ($choice->drill === $drill) {
                return $choice->name;
            }
        }

        return ShippedDrills::all()[$drill]->name ?? ucfirst(str_replace('-', ' ', $drill));
    }

    /**
     * The step of a drill's progression at which it begins tonight.
     *
     * @return string empty: nobody said, or it has fewer by now
     */
    public function step(Drill $drill): string
    {
        foreach ($this->choices as $choice) {
            if ($choice->drill === $drill->key) {
                return $drill->progression[$choice->step ?? -1] ?? '';
            }
        }

        return '';
    }

    /** @return iterable<array{int, SheetStation, SheetPlayer}> everybody at every station, with the block's index */
    public function turns(): iterable
    {
        foreach ($this->blocks as $index => $block) {
            foreach ($block->stations as $station) {
                foreach ($station->players as $player) {
                    yield [$index, $station, $player];
                }
            }
        }
    }

    /**
     * @param array<string, Drill> $drills by key
     *
     * @return array<string, int> hard throws that it asks of each, by id
     */
    public function throws(array $drills): array
    {
        $throws = [];
        foreach ($this->turns() as [, $station, $player]) {
            $each = $drills[$station->drill]->throwsPerRep ?? 0;
            $throws[$player->id] = ($throws[$player->id] ?? 0) + $station->repetitions * $each;
        }

        return $throws;
    }

    /** The round that is the block with this index; null when it is none. */
    public function round(int $index): ?SheetBlock
    {
        $block = $this->blocks[$index] ?? null;

        return true === $block?->isRound() ? $block : null;
    }

    /** Whether somebody is not there in a round: late, or gone already; before and after the rounds likewise. */
    public function isAway(string $player, int $round): bool
    {
        return \in_array(
            $player,
            array_map(static fn(SheetPlayer $one): string => $one->id, $this->rounds()[$round]->away ?? []),
            true,
        );
    }

    /** @return list<SheetBlock> */
    public function rounds(): array
    {
        return array_values(array_filter($this->blocks, static fn(SheetBlock $block): bool => $block->isRound()));
    }

    /** @return list<string> keys of the drills that run, each once, in order of first use */
    public function drills(): array
    {
        $keys = [];
        foreach ($this->rounds() as $round) {
            foreach ($round->stations as $station) {
                $keys[$station->drill] = $station->drill;
            }
        }

        return array_values($keys);
    }

    /** @return array<string, string> everybody who comes, names by id */
    public function players(): array
    {
        $names = [];
        foreach ($this->blocks as $block) {
            $players = array_merge(
                $block->waiting,
                $block->away,
                ...array_map(
                    static fn(SheetStation $station): array => [...$station->players, ...$station->helping],
                    $block->stations,
                ),
            );
            foreach ($players as $player) {
                $names[$player->id] = $player->name;
            }
        }

        return $names;
    }

    /**
     * What each who does not have his share of the week's floors still lacks, who lacks most first.
     *
     * @return array<string, string> "12 fielded and thrown, 3 feeds" by id; by name on sheets of earlier
     */
    public function lacks(): array
    {
        $lacks = $sums = [];
        foreach ($this->needs as $need) {
            foreach ($need->isFloor ? $need->lacks : [] as $id => $reps) {
                $sums[$id] = ($sums[$id] ?? 0) + $reps;
                $lacks[$id][] = $reps . ' ' . $this->what($need);
            }
        }
        arsort($sums);
        $words = [];
        foreach (array_keys($sums) as $id) {
            $words[$id] = implode(', ', $lacks[$id]);
        }

        return $words;
    }

    /** @return list<string> what the plan asks for besides, and somebody still lacks */
    public function asked(): array
    {
        $asked = [];
        foreach ($this->needs as $need) {
            if (!$need->isFloor && [] !== $need->lacks) {
                $asked[$this->what($need)] = $this->what($need);
            }
        }

        return array_values($asked);
    }

    /** @return array<string, string> what binds, in a sentence: of what there would be more */
    public function binds(): array
    {
        $binds = [];
        foreach ($this->needs as $need) {
            if ($need->isFloor && [] !== $need->lacks && '' !== $need->binds) {
                $binds[$need->binds][$this->what($need)] = $this->what($need);
            }
        }
        uasort($binds, static fn(array $a, array $b): int => \count($b) <=> \count($a));

        return array_map(static fn(array $what): string => implode(', ', $what), $binds);
    }

    /** @return array<string, int> rounds in which they wait, by id */
    private function waiting(): array
    {
        $waiting = [];
        foreach ($this->rounds() as $round) {
            foreach ($round->waiting as $player) {
                $waiting[$player->id] = ($waiting[$player->id] ?? 0) + 1;
            }
        }
        arsort($waiting);

        return $waiting;
    }

    /** "9 of 14 get all they need", and who is left over: ", Rook waits a round" */
    public function result(): string
    {
        $all = \count($this->players());
        $short = \count($this->lacks());

        return match (true) {
            0 === $all => 'Nobody comes',
            0 === $short => "All $all get what they need",
            default => \sprintf('%d of %d get all they need', $all - $short, $all),
        } . $this->leftOver();
    }

    private function what(SheetNeed $need): string
    {
        return '' === $need->what ? lcfirst($this->name($need->drill)) : $need->what;
    }

    private function leftOver(): string
    {
        $waiting = $this->waiting();
        if ([] === $waiting) {
            return '';
        }
        $most = max($waiting);
        $who = \count($waiting);

        return \sprintf(
            ', %s %s %s',
            $who > self::NAMED ? $who : implode(' and ', array_intersect_key($this->players(), $waiting)),
            1 === $who ? 'waits' : 'wait',
            1 === $most ? 'a round' : ($who > 1 ? 'up to ' : '') . "$most rounds",
        );
    }
}
