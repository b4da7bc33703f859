<?php

declare(strict_types=1);

namespace FoxCorner\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126000000 extends AbstractMigration
{
    private const TABLES = [
        'CREATE TABLE undo_step (id BINARY(16) NOT NULL, undone TINYINT NOT NULL, words VARCHAR(160) NOT NULL, ' .
        'changes MEDIUMTEXT NOT NULL, at DATETIME NOT NULL, team_id BINARY(16) NOT NULL, by_id BINARY(16) NOT ' .
        'NULL, INDEX IDX_C7B98CFE296CD8AE6A57FD3C (team_id, at), INDEX IDX_C7B98CFE296CD8AE (team_id), INDEX ' .
        'IDX_C7B98CFEAAE72004 (by_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4',
        'ALTER TABLE undo_step ADD CONSTRAINT FK_UNDO_TEAM FOREIGN KEY (team_id) REFERENCES team (id)',
        'ALTER TABLE undo_step ADD CONSTRAINT FK_UNDO_BY FOREIGN KEY (by_id) REFERENCES account (id)',
        'CREATE TABLE solve_job (id BINARY(16) NOT NULL, state VARCHAR(10) NOT NULL, kind VARCHAR(12) NOT NULL, ' .
        'practice VARCHAR(36) NOT NULL, request MEDIUMTEXT NOT NULL, outcome MEDIUMTEXT DEFAULT NULL, asked_at ' .
        'DATETIME NOT NULL, begun_at DATETIME DEFAULT NULL, team_id BINARY(16) NOT NULL, by_id BINARY(16) NOT ' .
        'NULL, INDEX IDX_SOLVE_TEAM_STATE (team_id, state), INDEX IDX_71A44FC7AAE72004 (by_id), PRIMARY KEY (id)) ' .
        'DEFAULT CHARACTER SET utf8mb4',
        'ALTER TABLE solve_job ADD CONSTRAINT FK_SOLVE_TEAM FOREIGN KEY (team_id) REFERENCES team (id)',
        'ALTER TABLE solve_job ADD CONSTRAINT FK_SOLVE_BY FOREIGN KEY (by_id) REFERENCES account (id)',
        'CREATE TABLE messenger_messages (id BIGINT AUTO_INCREMENT NOT NULL, body LONGTEXT NOT NULL, headers ' .
        'LONGTEXT NOT NULL, queue_name VARCHAR(190) NOT NULL, created_at DATETIME NOT NULL, available_at DATETIME ' .
        'NOT NULL, delivered_at DATETIME DEFAULT NULL, INDEX IDX_MESSAGES_NEXT (queue_name, available_at, ' .
        'delivered_at, id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4',
        'CREATE TABLE health_probe (id INT AUTO_INCREMENT NOT NULL, at DATETIME NOT NULL, PRIMARY KEY (id))',
        // E-mails are compared letter by letter.
        'UPDATE account SET email = LOWER(TRIM(email))',
        'ALTER TABLE account MODIFY email VARCHAR(180) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL',
        'ALTER TABLE membership ADD player_id BINARY(16) DEFAULT NULL, ADD INDEX IDX_86FFD28599E6F5DF ' .
        '(player_id), ADD CONSTRAINT FK_86FFD28599E6F5DF FOREIGN KEY (player_id) REFERENCES player (id) ON DELETE ' .
        'SET NULL',
        // Whoever is called like a player of the team he is a player in is that player.
        'UPDATE membership JOIN account ON account.id = membership.account_id JOIN player ON player.team_id = ' .
        'membership.team_id AND player.name = account.name SET membership.player_id = player.id WHERE ' .
        "membership.role = 'player'",
        'ALTER TABLE booking MODIFY uid VARCHAR(190) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL, ADD ' .
        'all_day TINYINT DEFAULT 0 NOT NULL, ADD takes_field TINYINT DEFAULT 1 NOT NULL',
        'ALTER TABLE booking ALTER all_day DROP DEFAULT, ALTER takes_field DROP DEFAULT',
        'ALTER TABLE opponent ADD revision INT DEFAULT 1 NOT NULL',
        'ALTER TABLE opponent ALTER revision DROP DEFAULT',
        // Steps are in the order in which they were taken, whatever the server's clock said.
        'ALTER TABLE plan_step ADD number INT DEFAULT 0 NOT NULL, DROP INDEX IDX_566F32CE296CD8AEBF396750',
        'UPDATE plan_step JOIN (SELECT id, ROW_NUMBER() OVER (PARTITION BY team_id ORDER BY id) AS place FROM ' .
        'plan_step) ordered ON ordered.id = plan_step.id SET plan_step.number = ordered.place',
        'ALTER TABLE plan_step ALTER number DROP DEFAULT, ADD UNIQUE INDEX UNIQ_566F32CE296CD8AE96901F54 ' .
        '(team_id, number)',
        // What a block was to last, for going back to it; and where the run's own clock stands beside the machine's.
        "ALTER TABLE practice_run ADD planned JSON DEFAULT NULL, ADD booted VARCHAR(40) DEFAULT '' NOT NULL, ADD " .
        'ahead BIGINT DEFAULT 0 NOT NULL',
        'UPDATE practice_run SET planned = lengths',
        'ALTER TABLE practice_run MODIFY planned JSON NOT NULL, ALTER booted DROP DEFAULT, ALTER ahead DROP DEFAULT',
    ];

    public function getDescription(): string
    {
        return 'Changes that can be taken back, practices solved beside the pages, e-mails letter by letter, ' .
            'players who are members, calendars as they are, runs that a clock cannot end.';
    }

    public function up(Schema $schema): void
    {
        foreach (self::TABLES as $statement) {
            $this->addSql($statement);
        }
    }
}
