<?php

declare(strict_types=1);

namespace FoxCorner\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** People come by invitation, go by themselves, and choose new passwords by a link. */
final class Version20261128083000 extends AbstractMigration
{
    private const STATEMENTS = [
        'ALTER TABLE account ADD signed_out_times INT DEFAULT 0 NOT NULL',
        'ALTER TABLE team ADD field_saved TINYINT DEFAULT 1 NOT NULL',
        'CREATE TABLE invitation (used_at DATETIME DEFAULT NULL, revoked_at DATETIME DEFAULT NULL, role VARCHAR(20) ' .
        'NOT NULL, email VARCHAR(180) DEFAULT NULL, fingerprint VARCHAR(64) NOT NULL, until DATETIME NOT NULL, id ' .
        'BINARY(16) NOT NULL, team_id BINARY(16) NOT NULL, player_id BINARY(16) DEFAULT NULL, by_id BINARY(16) NOT ' .
        'NULL, UNIQUE INDEX UNIQ_F11D61A2FC0B754A (fingerprint), INDEX IDX_F11D61A2296CD8AE (team_id), INDEX ' .
        'IDX_F11D61A299E6F5DF (player_id), INDEX IDX_F11D61A2AAE72004 (by_id), PRIMARY KEY (id)) DEFAULT CHARACTER ' .
        'SET utf8mb4',
        'ALTER TABLE invitation ADD CONSTRAINT FK_F11D61A2296CD8AE FOREIGN KEY (team_id) REFERENCES team (id) ON ' .
        'DELETE CASCADE',
        'ALTER TABLE invitation ADD CONSTRAINT FK_F11D61A299E6F5DF FOREIGN KEY (player_id) REFERENCES player (id) ON ' .
        'DELETE CASCADE',
        'ALTER TABLE invitation ADD CONSTRAINT FK_F11D61A2AAE72004 FOREIGN KEY (by_id) REFERENCES account (id)',
        'CREATE TABLE happening (who VARCHAR(120) NOT NULL, what VARCHAR(255) NOT NULL, happened_at DATETIME NOT ' .
        'NULL, id BINARY(16) NOT NULL, team_id BINARY(16) NOT NULL, INDEX IDX_1F3C70AD296CD8AE (team_id), INDEX ' .
        'IDX_1F3C70AD296CD8AEBF396750 (team_id, id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4',
        'ALTER TABLE happening ADD CONSTRAINT FK_FC07AA4A296CD8AE FOREIGN KEY (team_id) REFERENCES team (id) ON ' .
        'DELETE CASCADE',
        'CREATE TABLE reset_token (used_at DATETIME DEFAULT NULL, fingerprint VARCHAR(64) NOT NULL, until DATETIME ' .
        'NOT NULL, id BINARY(16) NOT NULL, account_id BINARY(16) NOT NULL, UNIQUE INDEX UNIQ_D7C8DC19FC0B754A ' .
        '(fingerprint), INDEX IDX_D7C8DC199B6B5FBA (account_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4',
        'CREATE TABLE shared_link (revoked_at DATETIME DEFAULT NULL, kind VARCHAR(12) NOT NULL, what VARCHAR(40) NOT ' .
        'NULL, names TINYINT NOT NULL, secret VARCHAR(32) NOT NULL, until DATETIME NOT NULL, id BINARY(16) NOT NULL, ' .
        'team_id BINARY(16) NOT NULL, by_id BINARY(16) NOT NULL, UNIQUE INDEX UNIQ_8C5AF2695CA2E8E5 (secret), INDEX IDX_8C5AF269296CD8AE ' .
        '(team_id), INDEX IDX_8C5AF269AAE72004 (by_id), INDEX IDX_8C5AF269296CD8AEBF396750 (team_id, id), PRIMARY KEY (id)) DEFAULT CHARACTER SET ' .
        'utf8mb4',
        'ALTER TABLE shared_link ADD CONSTRAINT FK_8C5AF269296CD8AE FOREIGN KEY (team_id) REFERENCES team (id) ON DELETE CASCADE',
        'ALTER TABLE shared_link ADD CONSTRAINT FK_8C5AF269AAE72004 FOREIGN KEY (by_id) REFERENCES account (id)',
        'ALTER TABLE reset_token ADD CONSTRAINT FK_D7C8DC199B6B5FBA FOREIGN KEY (account_id) REFERENCES account (id) ' .
        'ON DELETE CASCADE',
    ];

    public function getDescription(): string
    {
        return 'Invitations, links for a new password, and who came and went.';
    }

    public function up(Schema $schema): void
    {
        foreach (self::STATEMENTS as $statement) {
            $this->addSql($statement);
        }
    }

    public function down(Schema $schema): void
    {
        foreach (['shared_link', 'reset_token', 'happening', 'invitation'] as $table) {
            $this->addSql("DROP TABLE $table");
        }
        $this->addSql('ALTER TABLE account DROP signed_out_times');
        $this->addSql('ALTER TABLE team DROP field_saved');
    }
}
