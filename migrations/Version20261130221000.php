<?php

declare(strict_types=1);

namespace FoxCorner\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Letters about passwords are counted as wrong passwords are. */
final class Version20261130221000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What was tried has a kind.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE sign_in_failure ADD kind VARCHAR(12) DEFAULT 'password' NOT NULL");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE sign_in_failure DROP kind');
    }
}
