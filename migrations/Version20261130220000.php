<?php

declare(strict_types=1);

namespace FoxCorner\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The demo is what carries its mark: a club or an account of the same name is somebody's own. */
final class Version20261130220000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The demo is marked.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE club ADD demo TINYINT DEFAULT 0 NOT NULL');
        $this->addSql('ALTER TABLE account ADD demo TINYINT DEFAULT 0 NOT NULL');
        // What was loaded before there was a mark: its three accounts, and the first club that only they have led.
        $this->addSql(
            "UPDATE account SET demo = 1 WHERE email IN ('coach@saltmarsh.example', 'assistant@saltmarsh.example', " .
                "'player@saltmarsh.example')",
        );
        $this->addSql(
            'UPDATE club SET demo = 1 WHERE id = (SELECT first.id FROM (SELECT MIN(club.id) AS id FROM club ' .
                "JOIN team ON team.club_id = club.id AND team.name = 'Kites' " .
                'JOIN membership ON membership.team_id = team.id JOIN account ON account.id = membership.account_id ' .
                "WHERE club.name = 'Saltmarsh' AND account.email = 'coach@saltmarsh.example') first)",
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE account DROP demo');
        $this->addSql('ALTER TABLE club DROP demo');
    }
}
