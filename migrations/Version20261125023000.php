<?php

declare(strict_types=1);

namespace FoxCorner\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125023000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Readings: tries with the stopwatch, the radar and the tape.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            <<<'SQL'
            CREATE TABLE reading (quantity VARCHAR(20) NOT NULL, value DOUBLE PRECISION NOT NULL, taken_at DATETIME NOT NULL, id BINARY(16) NOT NULL, player_id BINARY(16) NOT NULL, taken_by_id BINARY(16) NOT NULL, INDEX IDX_C11AFC4199E6F5DF (player_id), INDEX IDX_C11AFC4117F014F6 (taken_by_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4
            SQL
            ,
        );
        $this->addSql(
            <<<'SQL'
            ALTER TABLE reading ADD CONSTRAINT FK_C11AFC4199E6F5DF FOREIGN KEY (player_id) REFERENCES player (id) ON DELETE CASCADE
            SQL
            ,
        );
        $this->addSql(
            <<<'SQL'
            ALTER TABLE reading ADD CONSTRAINT FK_C11AFC4117F014F6 FOREIGN KEY (taken_by_id) REFERENCES account (id)
            SQL
            ,
        );
    }
}
