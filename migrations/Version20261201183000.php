<?php

declare(strict_types=1);

namespace FoxCorner\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A long piece of work says how far it is and can be told that it is enough; a team has floors of its own. */
final class Version20261201183000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Work has a progress, and an end that somebody sets.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'ALTER TABLE solve_job ADD progress VARCHAR(12) DEFAULT NULL, ADD enough TINYINT NOT NULL DEFAULT 0',
        );
        $this->addSql('ALTER TABLE team ADD floors JSON DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE team DROP floors');
        $this->addSql('ALTER TABLE solve_job DROP progress, DROP enough');
    }
}
