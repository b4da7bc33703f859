<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Need;

use FoxCorner\Core\Practice\Drill\Drill;

/** Lays the need list out over the drills that are run. */
final readonly class DrillNeeds
{
    /**
     * Minutes of a drill after which another one teaches more (ours): no target asks more of one player than fits into
     * them.
     */
    private const ENOUGH_MINUTES = 16;
    /** A repetition that serves more than one skill is worth so much more for each of the others (ours). */
    private const SECOND_SKILL = 0.25;

    /** @var array<string, JobNeed> with something left to want */
    private array $open;
    /** @var array<string, int> how many drills serve each job */
    private array $runs;

    /**
     * @param list<JobNeed>        $needs
     * @param array<string, Drill> $drills
     */
    private function __construct(array $needs, private array $drills)
    {
        $open = $runs = [];
        foreach ($needs as $need) {
            if ($need->reps() > 0) {
                $open[$need->key()] = $need;
            }
        }
        foreach ($drills as $drill) {
            foreach ($drill->serves as $number => $skills) {
                foreach ($skills as $skill) {
                    $runs[$number . '/' . $skill->value] = ($runs[$number . '/' . $skill->value] ?? 0) + 1;
                }
            }
        }
        [$this->open, $this->runs] = [$open, $runs];
    }

    /**
     * @param list<JobNeed>        $needs
     * @param array<string, Drill> $drills that are run
     *
     * @return list<DrillNeed> the heaviest first; only those with something to want
     */
    public static function of(array $needs, array $drills): array
    {
        return (new self($needs, $drills))->lay();
    }

    /** @return list<DrillNeed> */
    private function lay(): array
    {
        $laid = [];
        foreach ($this->drills as $drill) {
            foreach ($drill->positions() as $number) {
                $served = $this->served($drill, $number);
                if ([] !== $served) {
                    $laid[] = $this->need($drill, $served);
                }
            }
        }
        usort($laid, static fn(DrillNeed $a, DrillNeed $b): int => $b->weight <=> $a->weight);

        return $laid;
    }

    /** @return list<JobNeed> that a drill serves at a position, the heaviest first */
    private function served(Drill $drill, int $number): array
    {
        $served = [];
        foreach ($drill->serves[$number] ?? [] as $skill) {
            $need = $this->open[$number . '/' . $skill->value] ?? null;
            if (null !== $need) {
                $served[] = $need;
            }
        }
        usort($served, static fn(JobNeed $a, JobNeed $b): int => $b->weight <=> $a->weight);

        return $served;
    }

    /** @param non-empty-list<JobNeed> $served */
    private function need(Drill $drill, array $served): DrillNeed
    {
        $first = $served[0];
        $most = $drill->repetitions($drill->atOnce, self::ENOUGH_MINUTES);
        $each = [];
        foreach ($served as $need) {
            $drills = $this->runs[$need->key()];
            foreach ($need->lacks as $player => $lacks) {
                $each[$player] = min($most, max($each[$player] ?? 0, (int) ceil($lacks / $drills)));
            }
        }

        return new DrillNeed(
            $first->position,
            $drill,
            $each,
            $first->weight * (1.0 + self::SECOND_SKILL * (\count($served) - 1)),
            $first->skill->label() . ': ' . lcfirst($first->reason),
        );
    }
}
