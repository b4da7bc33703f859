<?php

declare(strict_types=1);

namespace FoxCorner\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'People, teams, the first choices of a plan, practices; sessions and sign-in failures.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            <<<'SQL'
            CREATE TABLE player (id BINARY(16) NOT NULL, version INT DEFAULT 1 NOT NULL, name VARCHAR(60) NOT NULL, number SMALLINT NOT NULL, positions JSON NOT NULL, throws VARCHAR(1) NOT NULL, bats VARCHAR(2) NOT NULL, home_to_first DOUBLE PRECISION DEFAULT NULL, arm DOUBLE PRECISION DEFAULT NULL, pace DOUBLE PRECISION DEFAULT NULL, today_limit VARCHAR(20) NOT NULL, team_id BINARY(16) NOT NULL, UNIQUE INDEX UNIQ_98197A65296CD8AE96901F54 (team_id, number), INDEX IDX_98197A65296CD8AE (team_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4
            SQL
            ,
        );
        $this->addSql(
            <<<'SQL'
            CREATE TABLE team (id BINARY(16) NOT NULL, version INT DEFAULT 1 NOT NULL, rule_set VARCHAR(40) NOT NULL, base_path DOUBLE PRECISION NOT NULL, pitching_distance DOUBLE PRECISION NOT NULL, fence JSON NOT NULL, surface VARCHAR(20) NOT NULL, name VARCHAR(60) NOT NULL, level VARCHAR(40) NOT NULL, club_id BINARY(16) NOT NULL, INDEX IDX_C4E0A61F61190A32 (club_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4
            SQL
            ,
        );
        $this->addSql(
            <<<'SQL'
            CREATE TABLE membership (id BINARY(16) NOT NULL, role VARCHAR(20) NOT NULL, account_id BINARY(16) NOT NULL, team_id BINARY(16) NOT NULL, UNIQUE INDEX UNIQ_86FFD2859B6B5FBA296CD8AE (account_id, team_id), INDEX IDX_86FFD2859B6B5FBA (account_id), INDEX IDX_86FFD285296CD8AE (team_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4
            SQL
            ,
        );
        $this->addSql(
            <<<'SQL'
            CREATE TABLE club (id BINARY(16) NOT NULL, name VARCHAR(80) NOT NULL, PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4
            SQL
            ,
        );
        $this->addSql(
            <<<'SQL'
            CREATE TABLE account (id BINARY(16) NOT NULL, password_hash VARCHAR(255) NOT NULL, email VARCHAR(180) NOT NULL, name VARCHAR(80) NOT NULL, UNIQUE INDEX UNIQ_7D3656A4E7927C74 (email), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4
            SQL
            ,
        );
        $this->addSql(
            <<<'SQL'
            CREATE TABLE practice (id BINARY(16) NOT NULL, version INT DEFAULT 1 NOT NULL, starts_at DATETIME NOT NULL, minutes SMALLINT NOT NULL, helpers SMALLINT NOT NULL, place VARCHAR(120) NOT NULL, comes JSON NOT NULL, sheet LONGTEXT NOT NULL, team_id BINARY(16) NOT NULL, INDEX IDX_7FEC344E296CD8AE55A0507C (team_id, starts_at), INDEX IDX_7FEC344E296CD8AE (team_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4
            SQL
            ,
        );
        $this->addSql(
            <<<'SQL'
            CREATE TABLE plan_choice (id BINARY(16) NOT NULL, version INT DEFAULT 1 NOT NULL, situation VARCHAR(12) NOT NULL, coverage VARCHAR(40) NOT NULL, decided_at DATETIME NOT NULL, team_id BINARY(16) NOT NULL, decided_by_id BINARY(16) NOT NULL, UNIQUE INDEX UNIQ_75F342E0296CD8AEEC2D9ACA (team_id, situation), INDEX IDX_75F342E0296CD8AE (team_id), INDEX IDX_75F342E0E26B496B (decided_by_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4
            SQL
            ,
        );
        $this->addSql(
            <<<'SQL'
            ALTER TABLE player ADD CONSTRAINT FK_98197A65296CD8AE FOREIGN KEY (team_id) REFERENCES team (id)
            SQL
            ,
        );
        $this->addSql(
            <<<'SQL'
            ALTER TABLE team ADD CONSTRAINT FK_C4E0A61F61190A32 FOREIGN KEY (club_id) REFERENCES club (id)
            SQL
            ,
        );
        $this->addSql(
            <<<'SQL'
            ALTER TABLE membership ADD CONSTRAINT FK_86FFD2859B6B5FBA FOREIGN KEY (account_id) REFERENCES account (id)
            SQL
            ,
        );
        $this->addSql(
            <<<'SQL'
            ALTER TABLE membership ADD CONSTRAINT FK_86FFD285296CD8AE FOREIGN KEY (team_id) REFERENCES team (id)
            SQL
            ,
        );
        $this->addSql(
            <<<'SQL'
            ALTER TABLE practice ADD CONSTRAINT FK_7FEC344E296CD8AE FOREIGN KEY (team_id) REFERENCES team (id)
            SQL
            ,
        );
        $this->addSql(
            <<<'SQL'
            ALTER TABLE plan_choice ADD CONSTRAINT FK_75F342E0296CD8AE FOREIGN KEY (team_id) REFERENCES team (id)
            SQL
            ,
        );
        $this->addSql(
            <<<'SQL'
            ALTER TABLE plan_choice ADD CONSTRAINT FK_75F342E0E26B496B FOREIGN KEY (decided_by_id) REFERENCES account (id)
            SQL
            ,
        );
        $this->addSql(
            <<<'SQL'
            CREATE TABLE session (sess_id VARBINARY(128) NOT NULL, sess_data MEDIUMBLOB NOT NULL, sess_lifetime INT UNSIGNED NOT NULL, sess_time INT UNSIGNED NOT NULL, INDEX session_lifetime (sess_lifetime), PRIMARY KEY (sess_id)) DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin
            SQL
            ,
        );
        $this->addSql(
            <<<'SQL'
            CREATE TABLE sign_in_failure (id INT AUTO_INCREMENT NOT NULL, email CHAR(64) NOT NULL, address VARCHAR(45) NOT NULL, at DATETIME NOT NULL, INDEX sign_in_failure_at (at), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4
            SQL
            ,
        );
    }
}
