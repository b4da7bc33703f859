<?php

declare(strict_types=1);

namespace FoxCorner\App\Archive;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Arms\PitchedDay;
use FoxCorner\App\Calendar\Booking;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Lineup\LineupReader;
use FoxCorner\App\Opponents\OpponentRepository;
use FoxCorner\App\Plan\PlanDrafts;
use FoxCorner\App\Practice\Book\PracticeRepository;
use FoxCorner\App\Practice\Book\SetupCodec;
use FoxCorner\App\Practice\Drills\DrillShelf;
use FoxCorner\App\Practice\Live\RunRepository;
use FoxCorner\App\Practice\Sheet\SheetCodec;
use FoxCorner\App\Runners\Log\RunnerEvent;
use FoxCorner\App\Team\Reading;

/** Reads a team as the pages do, so that nothing is let in over which one of them would stumble. */
final readonly class ReadableTeam
{
    public function __construct(
        private PlayerRepository $players,
        private PlanDrafts $drafts,
        private LineupReader $lineups,
        private OpponentRepository $opponents,
        private DrillShelf $drills,
        private PracticeRepository $practices,
        private SheetCodec $sheets,
        private SetupCodec $setups,
        private RunRepository $runs,
        private EntityManagerInterface $entities,
    ) {}

    /** @throws \Throwable whatever a reader throws at what it cannot read */
    public function mustBe(Team $team): void
    {
        $team->rules();
        $team->profile();
        $team->rest();
        $this->players->rosterOf($team);
        $this->drafts->of($team);
        $this->lineups->stored($team)?->wanted();
        foreach ($this->opponents->of($team) as $opponent) {
            $opponent->batters();
        }
        $this->drills->ever($team);
        foreach ($this->practices->of($team) as $practice) {
            $this->sheets->read($practice);
            $this->setups->read($practice);
            $practice->comes();
        }
        foreach ($this->runs->ofAll($this->practices->of($team)) as $run) {
            $run->clock();
        }
        foreach ($this->entities->getRepository(RunnerEvent::class)->findBy(['team' => $team]) as $event) {
            $event->words();
        }
        $this->entities->getRepository(Booking::class)->findBy(['team' => $team]);
        $this->entities->getRepository(PitchedDay::class)->findBy(['team' => $team]);
        foreach ($this->players->of($team) as $player) {
            $this->entities->getRepository(Reading::class)->findBy(['player' => $player]);
        }
    }
}
