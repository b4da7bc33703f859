<?php

declare(strict_types=1);

namespace FoxCorner\App\Demo;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Arms\PitchedDay;
use FoxCorner\App\Calendar\Booking;
use FoxCorner\App\Club\Player;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\PracticeSetup;
use FoxCorner\App\Practice\Book\PracticeWish;
use FoxCorner\App\Practice\Book\SetupCodec;
use FoxCorner\App\Practice\Live\PracticeRun;
use FoxCorner\App\Practice\Live\RunState;
use FoxCorner\App\Practice\Live\RunTime;
use FoxCorner\App\Practice\Live\TurnRecord;
use FoxCorner\App\Practice\Order\PracticeOrder;
use FoxCorner\App\Practice\Order\PracticeSolver;
use FoxCorner\App\Practice\Sheet\SheetCodec;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Practice\Build\Helper;
use FoxCorner\Core\Practice\Need\Grade;

/** What the demo club practises: last week, run and graded; tomorrow; and who has the field besides. */
final readonly class DemoPractices
{
    /** Pitches that ask for two days of rest at the age of the Kites. */
    private const PITCHED = 48;

    public function __construct(
        private EntityManagerInterface $entities,
        private PracticeSolver $solver,
        private SheetCodec $codec,
        private SetupCodec $setups,
        private RunTime $time,
    ) {}

    public function write(Team $kites, Team $terns, \DateTimeImmutable $today): void
    {
        $helpers = [new Helper('Wren Tolland', true), new Helper('Piet Holm', true), new Helper('Oda Kessel', false)];
        $days = DemoDays::from($today);
        $this->held($this->practice($kites, $days->held, 60, \array_slice($helpers, 0, 2)));
        foreach ($days->booked as $index => [$from, $to, $words]) {
            $uid = "demo-$index@saltmarsh.example";
            $this->entities->persist(new Booking($kites, $uid, $from, $to, $words, 'Quay field'));
        }
        $this->entities->flush();
        $this->pitched($kites, min($today, $days->kites->modify('-2 days')));
        $this->practice($kites, $days->kites, 70, $helpers);
        $this->practice($terns, $days->terns, 80, $helpers);
    }

    /** The first pitcher has pitched, and her arm is not quite rested at the practice. */
    private function pitched(Team $team, \DateTimeImmutable $day): void
    {
        $pitchers = array_filter(
            $this->entities->getRepository(Player::class)->findBy(['team' => $team], ['number' => 'ASC']),
            static fn(Player $player): bool => $player->asRosterPlayer()->plays(Position::Pitcher),
        );
        $first = current($pitchers);
        if (false !== $first) {
            $this->entities->persist(new PitchedDay($team, $first, $day->setTime(0, 0), self::PITCHED));
            $this->entities->flush();
        }
    }

    /** @param list<Helper> $helpers */
    private function practice(Team $team, \DateTimeImmutable $start, int $minutes, array $helpers): Practice
    {
        $setup = new PracticeSetup($helpers, isWatched: true);
        $comes = array_map(
            static fn(Player $player): string => $player->id()->toRfc4122(),
            $this->entities->getRepository(Player::class)->findBy(['team' => $team], ['number' => 'ASC']),
        );
        $wish = new PracticeWish($start, $minutes, 'Quay field', $comes, $this->setups->write($setup));
        $practice = new Practice(
            $team,
            $wish,
            $this->codec->write($this->solver->solve(PracticeOrder::wished($team, $wish, $setup))),
        );
        $this->entities->persist($practice);
        $this->entities->flush();

        return $practice;
    }

    /** Last week's practice was run to its end: counted and graded, most of it well. */
    private function held(Practice $practice): void
    {
        $sheet = $this->codec->read($practice);
        $this->entities->persist(
            new PracticeRun(
                $practice,
                RunState::ready($sheet)->start((int) $practice->startsAt()->format('Uv')),
                $this->time,
            ),
        );
        $grades = [Grade::Well, Grade::Well, Grade::Unsure, Grade::Well, Grade::NotYet];
        $graded = 0;
        $seen = [];
        foreach ($sheet->blocks as $index => $block) {
            foreach ($block->stations as $station) {
                foreach ($station->players as $number => $player) {
                    $isNew = !isset($seen[$station->drill][$player->id]);
                    $seen[$station->drill][$player->id] = true;
                    $this->entities->persist(
                        new TurnRecord(
                            $practice,
                            $index,
                            $station->drill,
                            $player->id,
                            max(1, $station->repetitions - ($number % 3)),
                            $isNew ? $grades[$graded++ % \count($grades)] : null,
                        ),
                    );
                }
            }
        }
        $this->entities->flush();
    }
}
