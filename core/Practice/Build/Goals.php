<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Build;

use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Floor\Work;
use FoxCorner\Core\Practice\Need\JobNeed;

/** What the stations of an evening have to give somewhere: each floor of the week, and work for whoever is limited. */
final readonly class Goals
{
    /** Stations at which somebody with a limit can work: with fewer he is always the helper (ours). */
    private const KEPT = 3;

    /** @param array<string, array{Work|null, list<RosterPlayer>}> $goals what it is, and for whom; null: any work */
    private function __construct(private array $goals) {}

    /**
     * @param list<JobNeed>      $needs
     * @param list<RosterPlayer> $players who come
     */
    public static function of(array $needs, array $players): self
    {
        $goals = [];
        foreach ($needs as $need) {
            foreach (null === $need->work ? [] : $players as $player) {
                if (isset($need->lacks[$player->id])) {
                    $whose = Limit::None === $player->limit ? '' : $player->id;
                    $goals[$need->key() . $whose] ??= [$need->work, []];
                    $goals[$need->key() . $whose][1][] = $player;
                }
            }
        }
        foreach ($players as $player) {
            if (Limit::None !== $player->limit) {
                $goals[$player->id] = [null, [$player]];
            }
        }

        return new self($goals);
    }

    /**
     * Which of the possible drills serve a goal that none of the chosen serves.
     *
     * @param array<string, Drill> $chosen
     * @param array<string, Drill> $possible
     *
     * @return array<string, Drill> by key
     */
    public function serving(array $chosen, array $possible): array
    {
        $open = array_filter(
            $this->goals,
            static fn(array $goal): bool => \count(
                array_filter($chosen, static fn(Drill $drill): bool => self::serves($drill, ...$goal)),
            ) < (null === $goal[0] ? self::KEPT : 1),
        );

        return array_filter(
            $possible,
            static fn(Drill $drill): bool => [] !==
                array_filter($open, static fn(array $goal): bool => self::serves($drill, ...$goal)),
        );
    }

    /** @param list<RosterPlayer> $who */
    private static function serves(Drill $drill, ?Work $work, array $who): bool
    {
        foreach ($who as $player) {
            foreach ($drill->allows($player->limit) ? $player->positions : [] as $position) {
                $skills = $drill->serves[$position->value] ?? [];
                if (null === $work ? [] !== $skills : \in_array($work, Work::given($position, $skills), true)) {
                    return true;
                }
            }
        }

        return false;
    }
}
