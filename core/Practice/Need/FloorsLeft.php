<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Need;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Floor\Floors;
use FoxCorner\Core\Practice\Floor\Week;
use FoxCorner\Core\Practice\Floor\Work;
use FoxCorner\Core\Skill\Skill;

/**
 * What each player still wants of his week's floors when a practice begins: its share of the week, and what the other
 * days have left open.
 */
final readonly class FloorsLeft
{
    private const WEEK = 7.0;
    /** Of a practice's share, with what is caught up (ours). */
    private const CAUGHT_UP = 1.5;
    /** Of it, what every practice has, whatever the others of the week give (ours). */
    private const AT_LEAST = 0.5;
    /** How often a game asks what has a floor, as far as a practice weighs it (ours). */
    private const PRIORITY = 0.5;

    /** @param array<int, array<string, array<string, int>>> $lacks by first position, skill and player */
    private function __construct(private array $lacks) {}

    public static function none(): self
    {
        return new self([]);
    }

    /**
     * @param list<RosterPlayer>   $players who come
     * @param list<Taught>         $taught  before its stations, the daily core of the day among it
     * @param array<string, Drill> $drills  by key
     * @param list<Taught>         $later   in the practices of the week that come after it, where they are known
     */
    public static function of(array $players, Week $week, array $taught, array $drills, array $later = []): self
    {
        $today = [];
        $others = $later;
        $least = [] === $later ? 1.0 : self::AT_LEAST;
        foreach ($taught as $one) {
            if ($one->daysAgo <= 0.0) {
                $today[] = $one;
            } elseif ($one->daysAgo < self::WEEK) {
                $others[] = $one;
            }
        }
        [$hadToday, $hadElse] = [FloorMet::had($today, $drills), FloorMet::had($others, $drills)];
        /** @var array<int, array<string, array<string, int>>> $lacks */
        $lacks = [];
        foreach ($players as $player) {
            $position = $player->positions[0];
            $floors = Floors::of($player, $week);
            foreach ($floors[$position->value] ?? [] as $work => $wanted) {
                $skill = Work::from($work)->skill($position);
                if (null !== $skill) {
                    $left = $wanted - ($hadElse[$player->id][$work] ?? 0);
                    $share = $wanted / $week->practices;
                    $lacks[$position->value][$skill->value][$player->id] = max(
                        0,
                        (int) ceil(max($least * $share, min($left, self::CAUGHT_UP * $share))) -
                            ($hadToday[$player->id][$work] ?? 0),
                    );
                }
            }
        }

        return new self($lacks);
    }

    /** @return list<Demand> so that what has a floor is asked for, whatever the plan says */
    public function demands(): array
    {
        $demands = [];
        foreach ($this->lacks as $number => $skills) {
            foreach (array_keys($skills) as $skill) {
                $demands[] = new Demand(
                    Position::from($number),
                    Skill::from($skill),
                    self::PRIORITY,
                    0.0,
                    'The floor of a week',
                );
            }
        }

        return $demands;
    }

    /**
     * What each whose first position it is wants of a skill that has a floor.
     *
     * @return array<string, int>|null by player; null: it has none
     */
    public function lacks(Position $position, Skill $skill): ?array
    {
        return $this->lacks[$position->value][$skill->value] ?? null;
    }
}
