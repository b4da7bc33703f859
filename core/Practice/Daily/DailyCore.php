<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Daily;

use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Drill\Shipped\DailyDrills;
use FoxCorner\Core\Practice\Drill\Shipped\DailyFeedDrills;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Practice\Need\Taught;

/**
 * What everybody does every day, drawn up for who is there: catch, hands, fielded and thrown, feeds and pivots, one
 * after the other, each by his first position. Who may not do a part works on feet and glove as long, and so do those
 * who are too few for it.
 */
final readonly class DailyCore
{
    /** Of the minutes: catch, hands, fielded and thrown, feeds. Source: the project's practice. */
    private const SHARES = [0.2, 0.2, 0.35, 0.25];
    /** Children catch at the end of their warm-up. */
    private const SHARES_OF_CHILDREN = [0.0, 0.25, 0.43, 0.32];
    /** By part and position. */
    private const PARTS = [
        [],
        [],
        [
            1 => DailyDrills::CUTOFF,
            2 => DailyDrills::CUTOFF,
            3 => DailyDrills::FIELDED,
            4 => DailyDrills::FIELDED,
            5 => DailyDrills::FIELDED,
            6 => DailyDrills::FIELDED,
            7 => DailyDrills::CUTOFF,
            8 => DailyDrills::CUTOFF,
            9 => DailyDrills::CUTOFF,
        ],
        [
            1 => DailyFeedDrills::TO_SECOND,
            2 => DailyFeedDrills::BLOCK,
            3 => DailyFeedDrills::TO_SECOND,
            4 => DailyFeedDrills::MIDDLE,
            5 => DailyFeedDrills::TO_SECOND,
            6 => DailyFeedDrills::MIDDLE,
            7 => DailyFeedDrills::CROW_HOP,
            8 => DailyFeedDrills::CROW_HOP,
            9 => DailyFeedDrills::CROW_HOP,
        ],
    ];
    private const FOR_ALL = [DailyDrills::CATCH, DailyDrills::HANDS];

    /** @param list<DailyGroup> $groups one part after the other */
    private function __construct(public array $groups) {}

    public static function none(): self
    {
        return new self([]);
    }

    /**
     * An arm that has fewer throws left than it asks for throws softly here.
     *
     * @param list<RosterPlayer> $players   who come
     * @param int                $minutes   of all of it; 0: there is none
     * @param bool               $isIndoors in a hall
     */
    public static function of(array $players, AgeGroup $age, int $minutes, bool $isIndoors = false): self
    {
        $core = self::laidOut($players, $age, $minutes, $isIndoors);
        $throws = $core->throws();
        $spared = array_map(
            static fn(RosterPlayer $one): RosterPlayer => ($throws[$one->id] ?? 0) > ($one->throwsLeft ?? \PHP_INT_MAX)
                ? $one->limitedTo(Limit::SoftThrowing)
                : $one,
            $players,
        );

        return $spared === $players ? $core : self::laidOut($spared, $age, $minutes, $isIndoors);
    }

    /** @param list<RosterPlayer> $players */
    private static function laidOut(array $players, AgeGroup $age, int $minutes, bool $isIndoors): self
    {
        $groups = $instead = [];
        foreach (AgeGroup::Child === $age ? self::SHARES_OF_CHILDREN : self::SHARES as $part => $share) {
            foreach ($share * $minutes > 0.0 ? self::by($players, $part, $isIndoors) : [] as $key => $who) {
                if (DailyDrills::FEET !== $key) {
                    $groups[] = self::group($key, $who, $age, $share * $minutes);
                    continue;
                }
                foreach ($who as $index => $player) {
                    $instead[$index] = ($instead[$index] ?? 0.0) + $share * $minutes;
                }
            }
        }
        foreach (array_unique($instead) as $long) {
            $who = array_intersect_key($players, array_filter($instead, static fn(float $one): bool => $one === $long));
            $groups[] = self::group(DailyDrills::FEET, $who, $age, $long);
        }

        return new self($groups);
    }

    /** @return list<Taught> what each will have had of it when the stations begin */
    public function taught(): array
    {
        $taught = [];
        foreach ($this->groups as $group) {
            foreach ($group->players as $player) {
                $taught[] = new Taught($player->id, $group->drill->key, $player->positions[0], $group->reps, 0.0);
            }
        }

        return $taught;
    }

    /** @return array<string, int> throws at game distance by player */
    public function throws(): array
    {
        $throws = [];
        foreach ($this->groups as $group) {
            foreach ($group->players as $player) {
                $throws[$player->id] = ($throws[$player->id] ?? 0) + $group->reps * $group->drill->throwsPerRep;
            }
        }

        return $throws;
    }

    /** @param array<int, RosterPlayer> $players */
    private static function group(string $key, array $players, AgeGroup $age, float $minutes): DailyGroup
    {
        $drill = ShippedDrills::get($key);
        $seconds = $drill->secondsPerRep * $age->slow();

        return new DailyGroup(
            $drill,
            array_values($players),
            $minutes,
            (int) floor(($age->yield() * 60 * $minutes) / $seconds),
        );
    }

    /**
     * @param list<RosterPlayer> $players
     *
     * @return array<string, array<int, RosterPlayer>> by the drill's key, with their index
     */
    private static function by(array $players, int $part, bool $isIndoors): array
    {
        $groups = [];
        foreach ($players as $index => $player) {
            $key = self::PARTS[$part][$player->positions[0]->value] ?? self::FOR_ALL[$part];
            $drill = ShippedDrills::get($key);
            $may = $drill->allows($player->limit) && (!$isIndoors || $drill->fitsIndoors);
            if (!$player->limit->forbidsRunning()) {
                $groups[$may ? $key : DailyDrills::FEET][$index] = $player;
            }
        }
        foreach ($groups as $key => $who) {
            if (\count($who) < ShippedDrills::get($key)->min) {
                unset($groups[$key]);
                $groups[DailyDrills::FEET] = ($groups[DailyDrills::FEET] ?? []) + $who;
            }
        }

        return $groups;
    }
}
