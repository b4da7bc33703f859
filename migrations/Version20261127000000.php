<?php

declare(strict_types=1);

namespace FoxCorner\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;
use FoxCorner\App\Club\ShortName;
use FoxCorner\App\Practice\Book\PracticeAddress;
use Symfony\Component\Uid\Uuid;

/** Addresses that people can read. */
final class Version20261127000000 extends AbstractMigration
{
    private const LETTER = "SUBSTRING('bcdfghjklmnpqrstvwxz', 1 + MOD(ORD(SUBSTRING(id, %d, 1)), 20), 1)";

    public function getDescription(): string
    {
        return 'Teams by a short name, practices by four letters.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE team ADD short_name VARCHAR(60) DEFAULT '' NOT NULL");
        $taken = [];
        foreach ($this->connection->fetchAllKeyValue('SELECT HEX(id), name FROM team ORDER BY id') as $id => $name) {
            $short = ShortName::free(\is_string($name) ? $name : '', static fn(string $tried): bool => isset($taken[$tried]));
            $taken[$short] = true;
            $this->addSql('UPDATE team SET short_name = ? WHERE id = UNHEX(?)', [$short, $id]);
        }
        $this->addSql('ALTER TABLE team ALTER short_name DROP DEFAULT, ADD UNIQUE INDEX UNIQ_C4E0A61F3EE4B093 ' .
        '(short_name)');
        $this->addSql("ALTER TABLE practice ADD letters CHAR(4) DEFAULT '' NOT NULL");
        $letters = array_map(static fn(int $byte): string => \sprintf(self::LETTER, $byte), [13, 14, 15, 16]);
        $this->addSql('UPDATE practice SET letters = CONCAT(' . implode(', ', $letters) . ')');
        $this->lettersOfPracticesThatCanComeBack();
        $this->addSql('ALTER TABLE practice ALTER letters DROP DEFAULT, ADD INDEX of_team_by_letters (team_id, ' .
        'letters)');
    }

    /** Rows of practices that were taken off, or changed, and that an undo would write again. */
    private function lettersOfPracticesThatCanComeBack(): void
    {
        $steps = $this->connection->fetchAllKeyValue(
            "SELECT HEX(id), changes FROM undo_step WHERE changes LIKE '%\"practice\"%'",
        );
        foreach ($steps as $id => $json) {
            /** @var list<array{string, array<string, mixed>|null, array<string, mixed>|null}> $changes */
            $changes = json_decode(\is_string($json) ? $json : '[]', true, flags: \JSON_THROW_ON_ERROR);
            foreach ($changes as $index => [$table, $before, $after]) {
                $changes[$index] = 'practice' === $table
                    ? [$table, self::withLetters($before), self::withLetters($after)]
                    : [$table, $before, $after];
            }
            $this->addSql('UPDATE undo_step SET changes = ? WHERE id = UNHEX(?)', [
                json_encode(
                    $changes,
                    \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION,
                ),
                $id,
            ]);
        }
    }

    /**
     * @param array<string, mixed>|null $row
     *
     * @return array<string, mixed>|null
     */
    private static function withLetters(?array $row): ?array
    {
        $bytes = \is_array($row['id'] ?? null) ? $row['id']['bytes'] ?? '' : '';

        return null === $row || !\is_string($bytes) || 32 !== \strlen($bytes)
            ? $row
            : [...$row, 'letters' => PracticeAddress::lettersOf(Uuid::fromBinary((string) hex2bin($bytes)))];
    }
}
