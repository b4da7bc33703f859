<?php

declare(strict_types=1);

namespace FoxCorner\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125020000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Spots that a coach keeps for a situation.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            <<<'SQL'
            CREATE TABLE spot_choice (situation VARCHAR(12) NOT NULL, position SMALLINT NOT NULL, depth VARCHAR(20) NOT NULL, x DOUBLE PRECISION NOT NULL, y DOUBLE PRECISION NOT NULL, decided_at DATETIME NOT NULL, id BINARY(16) NOT NULL, team_id BINARY(16) NOT NULL, decided_by_id BINARY(16) NOT NULL, UNIQUE INDEX UNIQ_F43AB3F6296CD8AEEC2D9ACA462CE4F5 (team_id, situation, position), INDEX IDX_F43AB3F6296CD8AE (team_id), INDEX IDX_F43AB3F6E26B496B (decided_by_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4
            SQL
            ,
        );
        $this->addSql(
            <<<'SQL'
            ALTER TABLE spot_choice ADD CONSTRAINT FK_F43AB3F6296CD8AE FOREIGN KEY (team_id) REFERENCES team (id)
            SQL
            ,
        );
        $this->addSql(
            <<<'SQL'
            ALTER TABLE spot_choice ADD CONSTRAINT FK_F43AB3F6E26B496B FOREIGN KEY (decided_by_id) REFERENCES account (id)
            SQL
            ,
        );
    }
}
