<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Live;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\Core\Practice\Need\Grade;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use Symfony\Component\Uid\Uuid;

/** Keeps what was done. The last word of a phone counts: it sends totals, so that sending again changes nothing. */
final readonly class TurnRecords
{
    public const MOST = 500;

    public function __construct(private EntityManagerInterface $entities) {}

    public function of(Practice $practice): Records
    {
        return new Records(
            $this->entities->getRepository(TurnRecord::class)->findBy(['practice' => $practice], ['block' => 'ASC']),
        );
    }

    /**
     * @param list<Practice> $practices
     *
     * @return array<string, Records> by the practice's id; nothing for those of which nothing is kept
     */
    public function ofAll(array $practices): array
    {
        $records = [];
        $turns = $this->entities->getRepository(TurnRecord::class);
        foreach ($turns->findBy(['practice' => $practices], ['block' => 'ASC']) as $record) {
            $records[$record->practice->id()->toRfc4122()][] = $record;
        }

        return array_map(static fn(array $of): Records => new Records($of), $records);
    }

    /** @throws Problem when nobody can have done so many */
    public function count(Practice $practice, int $block, string $drill, string $player, int $counted): void
    {
        OutOfRange::unlessBetween('repetitions', $counted, 0, self::MOST, 'of one player in one round');
        $this->write($practice, $block, $drill, $player, ['counted' => $counted]);
    }

    /** Of a player's evening at a drill the last word counts, in whichever round it was said. */
    public function grade(Practice $practice, int $block, string $drill, string $player, ?Grade $grade): void
    {
        $this->entities
            ->getConnection()
            ->executeStatement(
                'UPDATE turn_record SET grade = NULL WHERE practice_id = ? AND drill = ? AND player = ? AND block <> ?',
                [$practice->id()->toBinary(), $drill, $player, $block],
            );
        $this->write($practice, $block, $drill, $player, ['grade' => $grade?->value]);
    }

    /**
     * With nobody else grading the same practice in the same moment.
     *
     * @template T
     *
     * @param callable(Records): T $what is given the records as they are
     *
     * @return T
     */
    public function alone(Practice $practice, callable $what): mixed
    {
        return $this->entities->wrapInTransaction(function () use ($practice, $what): mixed {
            $this->entities
                ->getConnection()
                ->fetchOne('SELECT id FROM practice WHERE id = ? FOR UPDATE', [$practice->id()->toBinary()]);

            return $what($this->of($practice));
        });
    }

    /** @param non-empty-array<string, int|string|null> $values */
    private function write(Practice $practice, int $block, string $drill, string $player, array $values): void
    {
        $row =
            [
                'id' => Uuid::v7()->toBinary(),
                'practice_id' => $practice->id()->toBinary(),
                'block' => $block,
                'drill' => $drill,
                'player' => $player,
            ] + $values;
        $this->entities
            ->getConnection()
            ->executeStatement(
                \sprintf(
                    'INSERT INTO turn_record (%s) VALUES (%s) ON DUPLICATE KEY UPDATE %s',
                    implode(', ', array_keys($row)),
                    implode(', ', array_fill(0, \count($row), '?')),
                    implode(
                        ', ',
                        array_map(
                            static fn(string $column): string => "$column = VALUES($column)",
                            array_keys($values),
                        ),
                    ),
                ),
                array_values($row),
            );
    }
}
