<?php

declare(strict_types=1);

namespace FoxCorner\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;
use Symfony\Component\Uid\Uuid;

final class Version20261125033000 extends AbstractMigration
{
    private const TABLES = [
        'CREATE TABLE todays_lineup (version INT DEFAULT 1 NOT NULL, wanted JSON NOT NULL, id BINARY(16) NOT ' .
        'NULL, team_id BINARY(16) NOT NULL, UNIQUE INDEX UNIQ_2629FCD7296CD8AE (team_id), PRIMARY KEY (id)) ' .
        'DEFAULT CHARACTER SET utf8mb4',
        'CREATE TABLE plan_step (undone TINYINT NOT NULL, words VARCHAR(160) NOT NULL, document_before MEDIUMTEXT ' .
        'NOT NULL, document_after MEDIUMTEXT NOT NULL, taken_at DATETIME NOT NULL, id BINARY(16) NOT NULL, ' .
        'team_id BINARY(16) NOT NULL, by_id BINARY(16) NOT NULL, INDEX IDX_566F32CE296CD8AEBF396750 (team_id, ' .
        'id), INDEX IDX_566F32CE296CD8AE (team_id), INDEX IDX_566F32CEAAE72004 (by_id), PRIMARY KEY (id)) DEFAULT ' .
        'CHARACTER SET utf8mb4',
        'CREATE TABLE plan_draft (document MEDIUMTEXT NOT NULL, id BINARY(16) NOT NULL, team_id BINARY(16) NOT ' .
        'NULL, UNIQUE INDEX UNIQ_15DAD368296CD8AE (team_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4',
        'CREATE TABLE opponent_batter (number SMALLINT NOT NULL, name VARCHAR(60) NOT NULL, place SMALLINT ' .
        'DEFAULT NULL, bats VARCHAR(2) NOT NULL, home_to_first DOUBLE PRECISION DEFAULT NULL, tendency ' .
        'VARCHAR(10) NOT NULL, power TINYINT NOT NULL, bunts TINYINT NOT NULL, goes TINYINT NOT NULL, id ' .
        'BINARY(16) NOT NULL, opponent_id BINARY(16) NOT NULL, UNIQUE INDEX UNIQ_67381F307F656CDC96901F54 ' .
        '(opponent_id, number), INDEX IDX_67381F307F656CDC (opponent_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET ' .
        'utf8mb4',
        'CREATE TABLE opponent (version INT DEFAULT 1 NOT NULL, name VARCHAR(60) NOT NULL, id BINARY(16) NOT ' .
        'NULL, team_id BINARY(16) NOT NULL, INDEX IDX_A9322AFF296CD8AE (team_id), PRIMARY KEY (id)) DEFAULT ' .
        'CHARACTER SET utf8mb4',
        'ALTER TABLE todays_lineup ADD CONSTRAINT FK_2629FCD7296CD8AE FOREIGN KEY (team_id) REFERENCES team (id)',
        'ALTER TABLE plan_step ADD CONSTRAINT FK_566F32CE296CD8AE FOREIGN KEY (team_id) REFERENCES team (id)',
        'ALTER TABLE plan_step ADD CONSTRAINT FK_566F32CEAAE72004 FOREIGN KEY (by_id) REFERENCES account (id)',
        'ALTER TABLE plan_draft ADD CONSTRAINT FK_15DAD368296CD8AE FOREIGN KEY (team_id) REFERENCES team (id)',
        'ALTER TABLE opponent_batter ADD CONSTRAINT FK_67381F307F656CDC FOREIGN KEY (opponent_id) REFERENCES ' .
        'opponent (id)',
        'ALTER TABLE opponent ADD CONSTRAINT FK_A9322AFF296CD8AE FOREIGN KEY (team_id) REFERENCES team (id)',
    ];

    public function getDescription(): string
    {
        return 'The plan as one document with its steps; opponents, today’s lineup, all values of a rule set, ' .
            'more of a player.';
    }

    public function up(Schema $schema): void
    {
        foreach (self::TABLES as $table) {
            $this->addSql($table);
        }
        $this->addSql(
            'ALTER TABLE player ADD exchange DOUBLE PRECISION DEFAULT NULL, ADD time_to_plate DOUBLE PRECISION ' .
                'DEFAULT NULL, ADD pitching VARCHAR(20) NOT NULL DEFAULT \'ordinary\', ADD fielding VARCHAR(20) NOT ' .
                'NULL DEFAULT \'ordinary\', ADD limit_until DATE DEFAULT NULL',
        );
        $this->addSql('ALTER TABLE player ALTER pitching DROP DEFAULT, ALTER fielding DROP DEFAULT');
        $this->addSql('ALTER TABLE team ADD own_rules JSON DEFAULT NULL, ADD rates JSON DEFAULT NULL');
        foreach ($this->documents() as $team => $document) {
            $this->addSql('INSERT INTO plan_draft (id, team_id, document) VALUES (?, ?, ?)', [
                Uuid::v7()->toBinary(),
                $team,
                json_encode($document, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE),
            ]);
        }
        $this->addSql('DROP TABLE spot_choice');
        $this->addSql('DROP TABLE plan_choice');
    }

    /**
     * @return array<string, array{
     *     kept?: array<string, list<array<string, mixed>>>,
     *     coverages?: array<string, array<string, string>>,
     * }>
     * what was decided until now, by the team's binary id
     */
    private function documents(): array
    {
        $documents = [];
        /**
         * @var list<array{
         *     team_id: string,
         *     situation: string,
         *     position: int,
         *     depth: string,
         *     x: float,
         *     y: float,
         *     by_name: string,
         * }>
         * $spots
         */
        $spots = $this->connection->fetchAllAssociative(
            'SELECT choice.*, account.name AS by_name FROM spot_choice choice JOIN account ON account.id = ' .
                'choice.decided_by_id ORDER BY choice.position',
        );
        foreach ($spots as $row) {
            $documents[$row['team_id']]['kept'][$row['situation']][] = [
                'position' => $row['position'],
                'depth' => $row['depth'],
                'x_ft' => $row['x'],
                'y_ft' => $row['y'],
                'by' => $row['by_name'],
            ];
        }
        /**
         * @var list<array{team_id: string, situation: string, coverage: string, decided_at: string, by_name: string}>
         *                                                                                                             $choices
         */
        $choices = $this->connection->fetchAllAssociative(
            'SELECT choice.*, account.name AS by_name FROM plan_choice choice JOIN account ON account.id = ' .
                'choice.decided_by_id',
        );
        foreach ($choices as $row) {
            $documents[$row['team_id']]['coverages'][$row['situation']] = [
                'coverage' => $row['coverage'],
                'by' => $row['by_name'],
                'at' => (new \DateTimeImmutable($row['decided_at']))->format(\DATE_ATOM),
            ];
        }

        return $documents;
    }
}
