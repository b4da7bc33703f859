<?php

declare(strict_types=1);

namespace FoxCorner\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What was pitched on which day, and the days of rest that a league asks. */
final class Version20261201210000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Pitches are counted by day.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE pitched_day (id BINARY(16) NOT NULL, team_id BINARY(16) NOT NULL, ' .
                'player_id BINARY(16) NOT NULL, day DATE NOT NULL, pitches SMALLINT NOT NULL, ' .
                'UNIQUE INDEX UNIQ_4E215BB499E6F5DFE5A02990 (player_id, day), INDEX IDX_4E215BB4296CD8AE (team_id), ' .
                'PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB',
        );
        foreach (['team', 'player'] as $whose) {
            $this->addSql(
                "ALTER TABLE pitched_day ADD CONSTRAINT FK_PITCHED_$whose FOREIGN KEY ({$whose}_id) " .
                    "REFERENCES $whose (id) ON DELETE CASCADE",
            );
        }
        $this->addSql('ALTER TABLE team ADD rest JSON DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE team DROP rest');
        $this->addSql('DROP TABLE pitched_day');
    }
}
