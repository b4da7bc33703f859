<?php

declare(strict_types=1);

namespace FoxCorner\App\You;

use FoxCorner\App\Club\Player;
use FoxCorner\App\Practice\Book\PracticeRepository;
use FoxCorner\App\Practice\Drills\DrillShelf;
use FoxCorner\App\Practice\Live\TurnRecords;
use FoxCorner\App\Week\ArmLoad;
use FoxCorner\App\Week\WeekLoads;
use FoxCorner\Core\Practice\Need\Grade;
use Psr\Clock\ClockInterface;

/** What is kept of a player, for the player: throws of this week, and the latest grade in each drill. */
final readonly class YourRecord
{
    /** How far back grades are shown: as long as they weigh in what is needed. */
    private const SINCE = '-28 days';

    public function __construct(
        private PracticeRepository $practices,
        private TurnRecords $records,
        private WeekLoads $loads,
        private DrillShelf $shelf,
        private ClockInterface $clock,
    ) {}

    public function throws(Player $player): int
    {
        $monday = $this->clock->now()->modify('monday this week')->setTime(0, 0);
        $mine = array_filter(
            $this->loads->of(
                $player->team,
                $this->practices->between($player->team, $monday, $monday->modify('+7 days')),
            ),
            static fn(ArmLoad $arm): bool => $arm->player === $player->id()->toRfc4122(),
        );

        return array_sum(array_map(static fn(ArmLoad $arm): int => $arm->load->week(), $mine));
    }

    /** @return array<string, Grade> by the drill's name, the latest practice first */
    public function grades(Player $player): array
    {
        $now = $this->clock->now();
        $drills = $this->shelf->ever($player->team);
        $practices = $this->practices->between($player->team, $now->modify(self::SINCE), $now);
        $records = $this->records->ofAll($practices);
        $grades = [];
        foreach ($practices as $practice) {
            foreach ($drills as $key => $drill) {
                $grade = isset($records[$practice->id()->toRfc4122()])
                    ? $records[$practice->id()->toRfc4122()]->grade($key, $player->id()->toRfc4122())
                    : null;
                if (null !== $grade) {
                    $grades[$drill->name] ??= $grade;
                }
            }
        }

        return $grades;
    }
}
