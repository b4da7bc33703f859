<?php

declare(strict_types=1);

namespace FoxCorner\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Where figures are kept that the core has reckoned, as symfony/cache lays them out. */
final class Version20261202090000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Figures are kept in the database.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE kept_figure (item_id VARBINARY(255) NOT NULL, item_data MEDIUMBLOB NOT NULL, ' .
                'item_lifetime INT UNSIGNED DEFAULT NULL, item_time INT UNSIGNED NOT NULL, ' .
                'INDEX IDX_KEPT_FIGURE_TIME (item_time), PRIMARY KEY (item_id)) ENGINE = InnoDB',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE kept_figure');
    }
}
