<?php

declare(strict_types=1);

namespace FoxCorner\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;
use FoxCorner\App\Club\ShortName;

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
        $this->addSql('ALTER TABLE team ALTER short_name DROP DEFAULT, ADD UNIQUE INDEX UNIQ_C4E0A61F3EE4B093 (short_name)');
        $this->addSql("ALTER TABLE practice ADD letters CHAR(4) DEFAULT '' NOT NULL");
        $letters = array_map(static fn(int $byte): string => \sprintf(self::LETTER, $byte), [13, 14, 15, 16]);
        $this->addSql('UPDATE practice SET letters = CONCAT(' . implode(', ', $letters) . ')');
        $this->addSql('ALTER TABLE practice ALTER letters DROP DEFAULT, ADD INDEX of_team_by_letters (team_id, letters)');
    }
}
