<?php

declare(strict_types=1);

namespace FoxCorner\App\Runners\Log;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use FoxCorner\App\Club\Team;
use FoxCorner\Core\Play\Running\StealRecord;
use Symfony\Component\Uid\Uuid;

/** @extends ServiceEntityRepository<RunnerEvent> */
final class RunnerEventRepository extends ServiceEntityRepository
{
    private const LATELY = 40;
    /** Looks of one pitcher that are scored. */
    private const LOOKS = 60;
    private const AS = ['pitcher', 'catcher', 'fielder'];

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, RunnerEvent::class);
    }

    /** @return list<RunnerEvent> the latest first */
    public function lately(Team $team): array
    {
        /** @var list<RunnerEvent> $events */
        $events = $this->createQueryBuilder('event')
            ->addSelect('pitcher', 'catcher', 'fielder')
            ->leftJoin('event.pitcher', 'pitcher')
            ->leftJoin('event.catcher', 'catcher')
            ->leftJoin('event.fielder', 'fielder')
            ->where('event.team = :team')
            ->setParameter('team', $team->id(), 'uuid')
            ->orderBy('event.id', 'DESC')
            ->setMaxResults(self::LATELY)
            ->getQuery()
            ->getResult();

        return $events;
    }

    public function latest(Team $team): ?RunnerEvent
    {
        return $this->findOneBy(['team' => $team], ['id' => 'DESC']);
    }

    /** @return list<int> numbers of looks of a pitcher, in the order in which they were seen */
    public function looks(Team $team, string $pitcher): array
    {
        $seen = array_filter(
            $this->findBy(['team' => $team, 'kind' => EventKind::Looks], ['id' => 'DESC'], self::LOOKS * 4),
            static fn(RunnerEvent $event): bool => $event->pitcher?->id()->toRfc4122() === $pitcher,
        );
        $looks = array_map(static fn(RunnerEvent $event): int => $event->looks ?? 0, $seen);

        return array_reverse(\array_slice(array_values($looks), 0, self::LOOKS));
    }

    /** @return list<SeasonLine> pitchers, catchers, fielders; by name */
    public function season(Team $team): array
    {
        $lines = [];
        foreach (self::AS as $as) {
            /** @var list<array{player: Uuid, name: string, kind: EventKind, isOut: bool|null, times: int}> $rows */
            $rows = $this->createQueryBuilder('event')
                ->select('who.id AS player', 'who.name AS name', 'event.kind AS kind', 'event.isOut AS isOut')
                ->addSelect('COUNT(event.id) AS times')
                ->join("event.$as", 'who')
                ->where('event.team = :team')
                ->groupBy('who.id, who.name, event.kind, event.isOut')
                ->setParameter('team', $team->id(), 'uuid')
                ->orderBy('who.name')
                ->getQuery()
                ->getResult();
            $counts = $names = [];
            foreach ($rows as $row) {
                $id = $row['player']->toRfc4122();
                $names[$id] = $row['name'];
                $counts[$id][$row['kind']->value][(int) $row['isOut']] = $row['times'];
            }
            foreach ($names as $id => $name) {
                $lines[] = self::line($id, $name, $as, $counts[$id] ?? []);
            }
        }

        return $lines;
    }

    /** @return array<string, StealRecord> of pitchers and catchers, by id */
    public function records(Team $team): array
    {
        $records = [];
        foreach ($this->season($team) as $line) {
            if ('fielder' !== $line->as && $line->attempts > 0) {
                $records[$line->player] = ($records[$line->player] ?? StealRecord::none())->and($line->record());
            }
        }

        return $records;
    }

    /** @param array<string, array<int, int>> $counts by kind, then 1 for out */
    private static function line(string $player, string $name, string $as, array $counts): SeasonLine
    {
        $of = static fn(EventKind $kind): int => array_sum($counts[$kind->value] ?? []);

        return new SeasonLine(
            $player,
            $name,
            $as,
            $of(EventKind::Steal),
            $counts[EventKind::Steal->value][1] ?? 0,
            $of(EventKind::Pick),
            $counts[EventKind::Pick->value][1] ?? 0,
            $of(EventKind::Away),
        );
    }
}
