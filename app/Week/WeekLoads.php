<?php

declare(strict_types=1);

namespace FoxCorner\App\Week;

use FoxCorner\App\Club\Team;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Drills\DrillShelf;
use FoxCorner\App\Practice\Live\Records;
use FoxCorner\App\Practice\Live\TurnRecords;
use FoxCorner\App\Practice\Sheet\SheetCodec;
use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\Practice\Arm\ThrowLoad;

/** Throws of every arm in some practices: counted where somebody counted, else as the sheet has them. */
final readonly class WeekLoads
{
    public function __construct(private SheetCodec $codec, private TurnRecords $records, private DrillShelf $shelf) {}

    /**
     * @param list<Practice> $practices
     *
     * @return list<ArmLoad> the most first
     */
    public function of(Team $team, array $practices): array
    {
        $drills = $this->shelf->ever($team);
        $throws = $names = [];
        $kept = $this->records->ofAll($practices);
        foreach ($practices as $practice) {
            $records = $kept[$practice->id()->toRfc4122()] ?? new Records([]);
            $day = $practice->startsAt()->format('Y-m-d');
            foreach ($this->codec->read($practice)->turns() as [$index, $station, $player]) {
                $reps = $records->at($index, $station->drill, $player->id)->counted ?? $station->repetitions;
                $names[$player->id] = $player->name;
                $throws[$player->id][$day] =
                    ($throws[$player->id][$day] ?? 0) + $reps * ($drills[$station->drill]->throwsPerRep ?? 0);
            }
        }
        $loads = array_map(
            static fn(string $player): ArmLoad => new ArmLoad(
                $player,
                $names[$player],
                new ThrowLoad($throws[$player], AgeGroup::of($team->level())),
            ),
            array_map(strval(...), array_keys($throws)),
        );
        usort($loads, static fn(ArmLoad $a, ArmLoad $b): int => $b->load->week() <=> $a->load->week());

        return $loads;
    }
}
