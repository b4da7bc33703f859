<?php

declare(strict_types=1);

namespace FoxCorner\App\Archive;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Club;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\Role;
use FoxCorner\App\Club\ShortName;
use FoxCorner\App\Club\Team;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Symfony\Component\Uid\Uuid;

/** Writes an archive's teams as new ones: all of it, or nothing where one page could not read it afterwards. */
final readonly class ArchiveImport
{
    /** Rows that one statement writes. */
    private const AT_ONCE = 100;

    public function __construct(private EntityManagerInterface $entities, private ReadableTeam $readable) {}

    /**
     * @param Club|null $club into which; null: a club of its own, called as in the archive
     *
     * @return non-empty-list<Team>
     *
     * @throws Problem when it does not fit
     */
    public function into(?Club $club, Archive $archive, Account $coach): array
    {
        $connection = $this->entities->getConnection();
        $connection->beginTransaction();
        try {
            if (null === $club) {
                $club = new Club($archive->name);
                $this->entities->persist($club);
                $this->entities->flush();
            }
            $teams = [];
            foreach ($archive->teams as $archived) {
                $teams[] = $this->team($club, $archived, $coach);
            }
            $connection->commit();

            return $teams;
        } catch (Problem $problem) {
            $connection->rollBack();
            $this->entities->clear();
            throw $problem;
        } catch (\Exception|\ValueError|\TypeError $error) {
            $connection->rollBack();
            $this->entities->clear();
            throw Refused::because(
                'archive',
                'it holds what no page could read: ' . mb_strimwidth(mb_scrub($error->getMessage()), 0, 120, '…'),
                'an archive as Fox Corner writes it, unchanged',
            );
        }
    }

    /** @throws Problem */
    private function team(Club $club, ArchivedTeam $archived, Account $coach): Team
    {
        $connection = $this->entities->getConnection();
        $ids = new PlainIds();
        foreach ($archived->tables as $rows) {
            foreach ($rows as $row) {
                $ids->make(self::text($row['id']));
            }
        }
        $id = Uuid::v7();
        $teams = $this->entities->getRepository(Team::class);
        $short = ShortName::free(
            $archived->name(),
            static fn(string $tried): bool => 0 < $teams->count(['shortName' => $tried]),
        );
        $connection->insert('team', [
            'id' => $id->toBinary(),
            'version' => 1,
            'club_id' => $club->id()->toBinary(),
            'short_name' => $short,
            ...self::columns($archived->team, TeamTables::TEAM, $ids),
        ]);
        foreach ($archived->tables as $table => $rows) {
            $besides = [
                ...isset(TeamTables::OF[$table]) ? [] : ['team_id' => $id->toBinary()],
                ...TeamTables::OWN[$table] ?? [],
                ...'reading' === $table ? ['taken_by_id' => $coach->id()->toBinary()] : [],
            ];
            foreach (array_chunk($rows, self::AT_ONCE) as $some) {
                $this->insert(
                    $table,
                    array_map(
                        static fn(array $row): array => [
                            'id' => Uuid::fromString((string) $ids->made(self::text($row['id'])))->toBinary(),
                            ...$besides,
                            ...self::columns($row, TeamTables::TABLES[$table], $ids),
                        ],
                        $some,
                    ),
                );
            }
        }
        $team = $teams->find($id) ?? throw new \LogicException('What was written is there.');
        $this->entities->persist(new Membership($coach, $team, Role::HeadCoach));
        $this->entities->flush();
        $this->readable->mustBe($team);

        return $team;
    }

    /** @param non-empty-list<array<string, mixed>> $rows */
    private function insert(string $table, array $rows): void
    {
        $columns = array_keys($rows[0]);
        $one = '(' . implode(', ', array_fill(0, \count($columns), '?')) . ')';
        $this->entities
            ->getConnection()
            ->executeStatement(
                "INSERT INTO $table (" .
                    implode(', ', $columns) .
                    ') VALUES ' .
                    implode(', ', array_fill(0, \count($rows), $one)),
                array_merge(...array_map(array_values(...), $rows)),
            );
    }

    /**
     * @param array<string, mixed>  $row
     * @param array<string, string> $columns
     *
     * @return array<string, mixed>
     */
    private static function columns(array $row, array $columns, PlainIds $ids): array
    {
        $written = [];
        foreach ($columns as $column => $kind) {
            $value = $row[$column];
            $written[$column] = match (true) {
                null === $value => null,
                isset(TeamTables::TABLES[rtrim($kind, '?')]) => Uuid::fromString(
                    (string) $ids->made(self::text($value)),
                )->toBinary(),
                'json' === rtrim($kind, '?') => $ids->back(
                    json_encode(
                        $value,
                        \JSON_THROW_ON_ERROR |
                            \JSON_UNESCAPED_UNICODE |
                            \JSON_UNESCAPED_SLASHES |
                            \JSON_PRESERVE_ZERO_FRACTION,
                    ),
                ),
                'bool' === rtrim($kind, '?') => true === $value ? 1 : 0,
                \is_string($value) => $ids->back($value),
                default => $value,
            };
        }

        return $written;
    }

    private static function text(mixed $value): string
    {
        return \is_string($value) ? $value : '';
    }
}
