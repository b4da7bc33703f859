<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Need;

use FoxCorner\App\Club\Team;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\PracticeRepository;
use FoxCorner\App\Practice\Live\PracticeRun;
use FoxCorner\App\Practice\Live\Records;
use FoxCorner\App\Practice\Live\RunRepository;
use FoxCorner\App\Practice\Live\TurnRecords;
use FoxCorner\App\Practice\Sheet\SheetCodec;
use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Practice\Need\Taught;
use FoxCorner\Core\Practice\Team\TeamDefence;
use FoxCorner\Core\Practice\Time\BlockKind;

/** What was practised: counted and graded where somebody did, as the sheet says where nobody has run the clock. */
final readonly class PracticeHistory
{
    /** After that a repetition counts less than a thirtieth. */
    public const SINCE = '-70 days';

    public function __construct(
        private PracticeRepository $practices,
        private SheetCodec $codec,
        private RunRepository $runs,
        private TurnRecords $records,
    ) {}

    /**
     * @param list<Practice>|null $practices of the team, where they are known already
     *
     * @return list<Taught> before a moment
     */
    public function taught(Team $team, \DateTimeImmutable $when, ?array $practices = null): array
    {
        $past = array_values(
            array_filter(
                $practices ?? $this->practices->between($team, $when->modify(self::SINCE), $when),
                static fn(Practice $practice): bool => $practice->startsAt() < $when &&
                    $practice->startsAt() > $when->modify(self::SINCE),
            ),
        );
        $runs = $this->runs->ofAll($past);
        $records = $this->records->ofAll($past);
        $taught = [];
        foreach ($past as $practice) {
            $id = $practice->id()->toRfc4122();
            array_push($taught, ...$this->at($practice, $runs[$id] ?? null, $records[$id] ?? new Records([]), $when));
        }

        return $taught;
    }

    /** @return list<Taught> */
    private function at(Practice $practice, ?PracticeRun $run, Records $records, \DateTimeImmutable $when): array
    {
        $daysAgo = ($when->getTimestamp() - $practice->startsAt()->getTimestamp()) / 86400;
        $taught = $positions = [];
        $sheet = $this->codec->read($practice);
        $isDone = static fn(int $index): bool => null === $run ||
            $run->clock()->isDone($index, 1000 * $when->getTimestamp());
        foreach ($sheet->turns() as [$index, $station, $player]) {
            $positions[$player->id] ??= Position::ofNumber($player->position);
            if ($isDone($index) && (null !== $sheet->round($index) || !$sheet->isAway($player->id, 0))) {
                $record = $records->at($index, $station->drill, $player->id);
                $taught[] = new Taught(
                    $player->id,
                    $station->drill,
                    Position::ofNumber($player->position),
                    $record->counted ?? $station->repetitions,
                    $daysAgo,
                    $records->grade($station->drill, $player->id),
                );
            }
        }
        $age = AgeGroup::of($practice->team->level());
        $last = \count($sheet->rounds()) - 1;
        $stayed = static fn(string $player): bool => !$sheet->isAway($player, $last);
        $positions = array_filter($positions, $stayed, \ARRAY_FILTER_USE_KEY);
        foreach ($sheet->blocks as $index => $block) {
            if (BlockKind::TeamDefence->value === $block->kind && $isDone($index)) {
                array_push($taught, ...TeamDefence::taught($positions, $block->minutes, $age, $daysAgo));
            }
        }

        return $taught;
    }
}
