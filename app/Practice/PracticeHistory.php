<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice;

use FoxCorner\App\Practice\Live\RunRepository;
use FoxCorner\App\Practice\Live\TurnRecords;
use FoxCorner\App\Team\Team;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Practice\Need\Taught;

/** What was practised: counted and graded where somebody did, as the sheet says where nobody has run the clock. */
final readonly class PracticeHistory
{
    public function __construct(private PracticeRepository $practices, private SheetCodec $codec, private RunRepository $runs, private TurnRecords $records)
    {
    }

    /** @return list<Taught> before a moment */
    public function taught(Team $team, \DateTimeImmutable $when): array
    {
        $taught = [];
        foreach ($this->practices->of($team) as $practice) {
            $daysAgo = ($when->getTimestamp() - $practice->startsAt()->getTimestamp()) / 86400;
            if ($daysAgo > 0.0) {
                array_push($taught, ...$this->at($practice, $daysAgo, $when));
            }
        }

        return $taught;
    }

    /** @return list<Taught> */
    private function at(Practice $practice, float $daysAgo, \DateTimeImmutable $when): array
    {
        $run = $this->runs->of($practice);
        $records = $this->records->of($practice);
        $taught = [];
        foreach ($this->codec->read($practice)->blocks as $index => $block) {
            if (null !== $run && !$run->clock()->isDone($index, 1000 * $when->getTimestamp())) {
                continue;
            }
            foreach ($block->stations as $station) {
                foreach ($station->players as $player) {
                    $record = $records->at($index, $station->drill, $player->id);
                    $taught[] = new Taught($player->id, $station->drill, Position::ofNumber($player->position), $record->counted ?? $station->repetitions, $daysAgo, $records->grade($station->drill, $player->id));
                }
            }
        }

        return $taught;
    }
}
