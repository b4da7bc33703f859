<?php

declare(strict_types=1);

namespace FoxCorner\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125080000 extends AbstractMigration
{
    private const TABLES = [
        'CREATE TABLE booking (uid VARCHAR(190) NOT NULL, starts_at DATETIME NOT NULL, ends_at DATETIME NOT NULL, ' .
        'summary VARCHAR(160) NOT NULL, place VARCHAR(120) NOT NULL, id BINARY(16) NOT NULL, team_id BINARY(16) ' .
        'NOT NULL, UNIQUE INDEX UNIQ_E00CEDDE296CD8AE539B060655A0507C (team_id, uid, starts_at), INDEX ' .
        'IDX_E00CEDDE296CD8AE (team_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4',
        'CREATE TABLE turn_record (block SMALLINT NOT NULL, drill VARCHAR(60) NOT NULL, player VARCHAR(36) NOT ' .
        'NULL, counted SMALLINT DEFAULT NULL, attention TINYINT NOT NULL, grade VARCHAR(10) DEFAULT NULL, id ' .
        'BINARY(16) NOT NULL, practice_id BINARY(16) NOT NULL, UNIQUE INDEX ' .
        'UNIQ_D14320F7ED33821831B9722A1ECB7F098197A65 (practice_id, block, drill, player), INDEX ' .
        'IDX_D14320F7ED33821 (practice_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4',
        'CREATE TABLE practice_run (edition INT DEFAULT 1 NOT NULL, lengths JSON NOT NULL, skipped JSON NOT NULL, ' .
        'started_at BIGINT DEFAULT NULL, paused_at BIGINT DEFAULT NULL, reason VARCHAR(20) DEFAULT NULL, ' .
        'heeded_at BIGINT NOT NULL, id BINARY(16) NOT NULL, practice_id BINARY(16) NOT NULL, UNIQUE INDEX ' .
        'UNIQ_77C50F35ED33821 (practice_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4',
        'CREATE TABLE own_drill (version INT DEFAULT 1 NOT NULL, document LONGTEXT NOT NULL, put_away TINYINT NOT ' .
        'NULL, id BINARY(16) NOT NULL, team_id BINARY(16) NOT NULL, INDEX IDX_82D90F25296CD8AE (team_id), PRIMARY ' .
        'KEY (id)) DEFAULT CHARACTER SET utf8mb4',
        'CREATE TABLE simulated_notice (notice VARCHAR(20) NOT NULL, sent_at DATETIME NOT NULL, id BINARY(16) NOT ' .
        'NULL, team_id BINARY(16) NOT NULL, INDEX IDX_9F0274D1296CD8AE (team_id), PRIMARY KEY (id)) DEFAULT ' .
        'CHARACTER SET utf8mb4',
        'ALTER TABLE booking ADD CONSTRAINT FK_E00CEDDE296CD8AE FOREIGN KEY (team_id) REFERENCES team (id)',
        'ALTER TABLE turn_record ADD CONSTRAINT FK_D14320F7ED33821 FOREIGN KEY (practice_id) REFERENCES practice ' .
        '(id) ON DELETE CASCADE',
        'ALTER TABLE practice_run ADD CONSTRAINT FK_77C50F35ED33821 FOREIGN KEY (practice_id) REFERENCES practice ' .
        '(id) ON DELETE CASCADE',
        'ALTER TABLE own_drill ADD CONSTRAINT FK_82D90F25296CD8AE FOREIGN KEY (team_id) REFERENCES team (id)',
        'ALTER TABLE simulated_notice ADD CONSTRAINT FK_9F0274D1296CD8AE FOREIGN KEY (team_id) REFERENCES team (id)',
    ];

    public function getDescription(): string
    {
        return 'Practices keep what they have to work with; own drills; practices that are run, and what was ' .
            'counted and graded in them; bookings; the simulated weather.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE practice ADD setup LONGTEXT DEFAULT NULL');
        // Helpers had no names until now: a practice of three is helped by "Helper 1" to "Helper 3".
        $this->addSql(
            "UPDATE practice SET setup = CONCAT('{\"helpers\":[', (SELECT GROUP_CONCAT(CONCAT('{\"name\":\"Helper " .
                "', number.n, '\",\"hits\":true}') ORDER BY number.n) FROM (SELECT 1 n UNION SELECT 2 UNION SELECT 3 " .
                'UNION SELECT 4 UNION SELECT 5 UNION SELECT 6 UNION SELECT 7 UNION SELECT 8 UNION SELECT 9 UNION ' .
                "SELECT 10 UNION SELECT 11 UNION SELECT 12) number WHERE number.n <= practice.helpers), ']}')",
        );
        $this->addSql('ALTER TABLE practice MODIFY setup LONGTEXT NOT NULL, DROP helpers');
        foreach (self::TABLES as $table) {
            $this->addSql($table);
        }
    }
}
