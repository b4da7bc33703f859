<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Need;

use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Floor\Floors;
use FoxCorner\Core\Practice\Floor\Share;
use FoxCorner\Core\Practice\Floor\Week;
use FoxCorner\Core\Practice\Floor\Work;

/** One floor of one player's first position over a week, and what he had of it. */
final readonly class FloorMet
{
    private function __construct(public RosterPlayer $player, public Work $work, public int $wanted, public int $had) {}

    /**
     * @param list<RosterPlayer>   $players
     * @param list<Taught>         $taught  in the week
     * @param array<string, Drill> $drills  by key
     *
     * @return list<self>
     */
    public static function all(array $players, Week $week, array $taught, array $drills): array
    {
        return self::over([[$players, $week]], $taught, $drills);
    }

    /**
     * The same over several practices that are not alike: of each what it is to give those who come. What a hall has no
     * room for is asked all the same where another of them is outside.
     *
     * @param list<array{list<RosterPlayer>, Week}> $practices
     * @param list<Taught>                          $taught    in them
     * @param array<string, Drill>                  $drills    by key
     *
     * @return list<self>
     */
    public static function over(array $practices, array $taught, array $drills): array
    {
        $wanted = $who = [];
        $isInside = !\in_array(false, array_map(static fn(array $one): bool => $one[1]->isIndoors, $practices), true);
        foreach ($practices as [$players, $week]) {
            foreach ($players as $player) {
                $who[$player->id] = $player;
                foreach (
                    Floors::of($player, $week->within($isInside))[$player->positions[0]->value] ?? [] as $work => $reps
                ) {
                    $wanted[$player->id][$work] = ($wanted[$player->id][$work] ?? 0) + $reps;
                }
            }
        }
        $had = self::had($taught, $drills);
        $all = [];
        foreach ($wanted as $id => $works) {
            foreach ($works as $work => $reps) {
                $all[] = new self($who[$id], Work::from($work), $reps, $had[$id][$work] ?? 0);
            }
        }

        return $all;
    }

    /** Its worth to him, all of it 1: his first repetitions more than his last. Source: the project's practice. */
    public function worth(): float
    {
        return Share::worth($this->share());
    }

    public function isMet(): bool
    {
        return $this->had >= $this->wanted;
    }

    /** 1 when he has it all */
    public function share(): float
    {
        return min(1.0, $this->had / $this->wanted);
    }

    /**
     * @param list<Taught>         $taught
     * @param array<string, Drill> $drills by key
     *
     * @return array<string, array<string, int>> repetitions by player and work, wherever he had them
     */
    public static function had(array $taught, array $drills): array
    {
        $had = [];
        foreach ($taught as $one) {
            $skills = $drills[$one->drill]->serves[$one->position->value] ?? [];
            foreach (Work::given($one->position, $skills) as $work) {
                $had[$one->player][$work->value] = ($had[$one->player][$work->value] ?? 0) + $one->reps;
            }
        }

        return $had;
    }
}
