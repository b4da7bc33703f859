<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Need;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Floor\Work;

/** The need list: what is asked of each position, less what is fresh. */
final class JobNeeds
{
    /** Repetitions wanted of every player whose first position it is: the least, and what full priority adds (ours). */
    private const LEAST = 6;
    private const PRIORITY_ADDS = 14;
    /** Weight of what is hardly ever asked (ours). */
    private const BASE_WEIGHT = 0.3;
    /** What is asked of everybody every week comes first (ours). */
    private const FLOOR_ADDS = 1.0;

    /**
     * @param list<Demand>       $demands of plan and game; of two for the same job the greater counts
     * @param list<RosterPlayer> $players who come
     * @param FloorsLeft|null    $floors  of the week; null: none is asked for
     *
     * @return list<JobNeed> the heaviest first; those with nothing left to want among them
     */
    public static function of(array $demands, array $players, Record $record, ?FloorsLeft $floors = null): array
    {
        $asked = [];
        $floors ??= FloorsLeft::none();
        foreach ([...$demands, ...$floors->demands()] as $demand) {
            if ($demand->weighsMoreThan($asked[$demand->key()] ?? null)) {
                $asked[$demand->key()] = $demand;
            }
        }
        $needs = array_map(
            static fn(Demand $demand): JobNeed => self::need($demand, $players, $record, $floors),
            array_values($asked),
        );

        return self::heaviestFirst($needs);
    }

    /**
     * @param list<JobNeed> $needs
     *
     * @return list<JobNeed>
     */
    public static function heaviestFirst(array $needs): array
    {
        $weights = array_map(static fn(JobNeed $need): float => $need->weight, $needs);
        $reps = array_map(static fn(JobNeed $need): int => $need->reps(), $needs);
        $keys = array_map(static fn(JobNeed $need): string => $need->key(), $needs);
        array_multisort($weights, \SORT_DESC, $reps, \SORT_DESC, $keys, \SORT_ASC, \SORT_STRING, $needs);

        return $needs;
    }

    /** @param list<RosterPlayer> $players */
    private static function need(Demand $demand, array $players, Record $record, FloorsLeft $floors): JobNeed
    {
        $fresh = $record->fresh($demand->position, $demand->skill);
        $worst = $record->worstGrade($demand->position, $demand->skill);
        $reason =
            $demand->reason .
            match (true) {
                null !== $worst && $worst->adds() > 0.0 => '; graded “' . lcfirst($worst->label()) . '” lately',
                $fresh >= 1.0 => \sprintf('; %d repetitions still fresh', round($fresh)),
                $record->wasTaught($demand->position, $demand->skill) => '; long ago',
                default => '; never practised',
            };
        $own = array_filter(
            $players,
            static fn(RosterPlayer $player): bool => ($player->positions[0] ?? null) === $demand->position,
        );
        $each = (int) round(self::LEAST + self::PRIORITY_ADDS * $demand->priority);
        $floor = $floors->lacks($demand->position, $demand->skill);
        $work = null === $floor ? null : Work::of($demand->position, $demand->skill);
        $lacks = $floor ?? [];
        foreach (null === $floor ? $own : [] as $player) {
            $has = $record->fresh($demand->position, $demand->skill, $player->id);
            $lacks[$player->id] = (int) max(0, round($each - $has));
        }

        return new JobNeed(
            $demand->position,
            $demand->skill,
            $each,
            \count($own),
            $fresh,
            self::BASE_WEIGHT +
                self::FLOOR_ADDS * ($work?->weight() ?? 0.0) +
                $demand->priority +
                $demand->urgent +
                ($worst?->adds() ?? 0.0),
            $reason . '.',
            array_filter($lacks, static fn(int $lack): bool => $lack > 0),
            $work,
        );
    }
}
