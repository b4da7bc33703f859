<?php

declare(strict_types=1);

namespace FoxCorner\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A team's own record moves its figures. */
final class Version20261127180000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Chances and outs of the infield by position.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE team ADD record JSON DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE team DROP record');
    }
}
