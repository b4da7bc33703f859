<?php

declare(strict_types=1);

namespace FoxCorner\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Letters about passwords are counted as wrong passwords are; who is not in a team any more has given nothing there. */
final class Version20261130221000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What was tried has a kind; what those have given who are gone is taken back.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE sign_in_failure ADD kind VARCHAR(12) DEFAULT 'password' NOT NULL");
        foreach (
            ['invitation' => "'head-coach'", 'shared_link' => "'head-coach', 'assistant'"] as $given => $roles
        ) {
            $this->addSql(
                "UPDATE $given given LEFT JOIN membership ON membership.account_id = given.by_id AND " .
                    "membership.team_id = given.team_id AND membership.role IN ($roles) " .
                    'SET given.revoked_at = UTC_TIMESTAMP() WHERE membership.id IS NULL AND given.revoked_at IS NULL',
            );
        }
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE sign_in_failure DROP kind');
    }
}
