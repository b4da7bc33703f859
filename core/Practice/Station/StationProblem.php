<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Station;

use FoxCorner\Core\Practice\Ground\Ground;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Problem\Unknown;
use FoxCorner\Core\Value\ButFor;

/** Who comes, what there is, what is needed: everything that the rounds are filled from. */
final readonly class StationProblem
{
    use ButFor;

    public StationPrices $prices;

    /**
     * @param list<StationPlayer> $players
     * @param list<Station>       $stations
     * @param list<StationNeed>   $needs
     * @param array<string, int>  $equipment pieces by name
     * @param int                 $rounds    how many rounds fit
     * @param list<HeldTurn>      $held      turns that stay as they are
     * @param StationPrices|null  $prices    null: by the minute that somebody waits
     *
     * @throws Problem when nobody comes, no round fits, an id is there twice or a need asks for no station
     */
    public function __construct(
        public array $players,
        public array $stations,
        public array $needs,
        public int $helpers,
        public array $equipment,
        public int $rounds,
        public float $roundMinutes,
        public array $held = [],
        ?StationPrices $prices = null,
    ) {
        $this->prices = $prices ?? StationPrices::plain($roundMinutes);
        if ([] === $players) {
            throw Refused::because('players', 'nobody comes', 'at least one player');
        }
        if ($rounds < 1) {
            throw Refused::because('minutes', 'not one round fits', 'as many minutes as a round takes, or more');
        }
        OutOfRange::unlessBetween('rounds', $rounds, 1, 60, 'rounds');
        self::mustBeUnique('players', array_map(static fn(StationPlayer $player): string => $player->id, $players));
        self::mustBeUnique('stations', array_map(static fn(Station $station): string => $station->id, $stations));
        self::mustBeUnique('needs', array_map(static fn(StationNeed $need): string => $need->id, $needs));
        $known = array_values(
            array_unique(array_map(static fn(Station $station): string => $station->key(), $stations)),
        );
        foreach ($needs as $need) {
            if (!\in_array($need->station, $known, true)) {
                throw Unknown::notOneOf("need $need->id, station", $need->station, $known);
            }
        }
    }

    /** What one good move is worth at most: a heavy need's repetitions in one round; at least 1. */
    public function heaviest(): float
    {
        $most = 1.0;
        foreach ($this->needs as $need) {
            if ([] !== $need->each) {
                $most = max($most, $need->weight);
                continue;
            }
            foreach ($this->ways($need->station) as $station) {
                $reps = min($need->reps, $station->repetitions($station->min, $this->roundMinutes));
                $most = max($most, $need->weight * $reps);
            }
        }

        return $most;
    }

    /** @return list<list<array{int, int}>> by player the stations and positions at which he may work, or help */
    public function open(): array
    {
        return array_map(function (StationPlayer $player): array {
            $open = [];
            foreach ($this->stations as $index => $station) {
                foreach (array_intersect($player->positions, $station->positions) as $position) {
                    if ($player->mayThrowAt($station)) {
                        $open[] = [$index, $position];
                    }
                }
                if ($station->extra > 0) {
                    $open[] = [$index, StationState::HELPS];
                }
            }

            return $open;
        }, $this->players);
    }

    /** The same with one helper more. */
    public function withHelpers(int $helpers): self
    {
        return $this->but(helpers: $helpers);
    }

    /**
     * The same with other pieces.
     *
     * @param array<string, int> $equipment
     */
    public function withEquipment(array $equipment): self
    {
        return $this->but(equipment: $equipment);
    }

    /** @return array<int, Station> every way to run a station, by index */
    public function ways(string $key): array
    {
        return array_filter($this->stations, static fn(Station $station): bool => $station->key() === $key);
    }

    /** The same with a station elsewhere. */
    public function withGroundOf(string $id, Ground $ground): self
    {
        $stations = array_map(
            static fn(Station $one): Station => $one->key() !== $id ? $one : $one->on($ground),
            $this->stations,
        );

        return $this->but(stations: $stations);
    }

    /** The same with another number of rounds. */
    public function withRounds(int $rounds): self
    {
        return $this->but(rounds: $rounds);
    }

    /** @param list<string> $ids */
    private static function mustBeUnique(string $what, array $ids): void
    {
        foreach (array_count_values($ids) as $id => $times) {
            if ($times > 1) {
                throw Refused::because($what, "\"$id\" is there $times times", 'each id once');
            }
        }
    }
}
