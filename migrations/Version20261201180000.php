<?php

declare(strict_types=1);

namespace FoxCorner\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A mark to look at somebody again was a grade under another name. */
final class Version20261201180000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Who was to be looked at again is graded unsure.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("UPDATE turn_record SET grade = 'unsure' WHERE attention = 1 AND grade IS NULL");
        $this->addSql('ALTER TABLE turn_record DROP attention');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE turn_record ADD attention TINYINT NOT NULL DEFAULT 0');
    }
}
