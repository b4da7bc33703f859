<?php

declare(strict_types=1);

namespace FoxCorner\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Steals, picks, leads and looks are counted during a game. */
final class Version20261128010000 extends AbstractMigration
{
    private const STATEMENTS = [
        'CREATE TABLE runner_event (kind VARCHAR(10) NOT NULL, base SMALLINT NOT NULL, is_out TINYINT DEFAULT NULL, ' .
        'lead_feet DOUBLE PRECISION DEFAULT NULL, looks SMALLINT DEFAULT NULL, counted_by VARCHAR(120) NOT NULL, ' .
        'counted_at DATETIME NOT NULL, id BINARY(16) NOT NULL, team_id BINARY(16) NOT NULL, pitcher_id BINARY(16) ' .
        'DEFAULT NULL, catcher_id BINARY(16) DEFAULT NULL, fielder_id BINARY(16) DEFAULT NULL, INDEX ' .
        'IDX_84F66105296CD8AEBF396750 (team_id, id), INDEX IDX_84F66105296CD8AE (team_id), INDEX ' .
        'IDX_84F661059A04123C (pitcher_id), INDEX IDX_84F66105ED458ACF (catcher_id), INDEX IDX_84F66105812F62B4 ' .
        '(fielder_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4',
        'ALTER TABLE runner_event ADD CONSTRAINT FK_84F66105296CD8AE FOREIGN KEY (team_id) REFERENCES team (id) ON ' .
        'DELETE CASCADE',
        'ALTER TABLE runner_event ADD CONSTRAINT FK_84F661059A04123C FOREIGN KEY (pitcher_id) REFERENCES player ' .
        '(id) ON DELETE SET NULL',
        'ALTER TABLE runner_event ADD CONSTRAINT FK_84F66105ED458ACF FOREIGN KEY (catcher_id) REFERENCES player ' .
        '(id) ON DELETE SET NULL',
        'ALTER TABLE runner_event ADD CONSTRAINT FK_84F66105812F62B4 FOREIGN KEY (fielder_id) REFERENCES player ' .
        '(id) ON DELETE SET NULL',
    ];

    public function getDescription(): string
    {
        return 'What runners and pitchers did, counted by the thumb.';
    }

    public function up(Schema $schema): void
    {
        foreach (self::STATEMENTS as $statement) {
            $this->addSql($statement);
        }
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE runner_event');
    }
}
