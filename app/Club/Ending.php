<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

use Doctrine\ORM\EntityManagerInterface;

/** Takes a team or a club out of the database for good, with all that hangs on it. */
final readonly class Ending
{
    /** Tables of a team in the order in which they go; what hangs on their rows goes by the database's own rules. */
    private const OF_A_TEAM = [
        'invitation',
        'shared_link',
        'happening',
        'undo_step',
        'runner_event',
        'pitched_day',
        'solve_job',
        'practice',
        'own_drill',
        'simulated_notice',
        'booking',
        'plan_step',
        'plan_draft',
        'todays_lineup',
        'opponent',
        'membership',
        'player',
    ];

    public function __construct(private EntityManagerInterface $entities) {}

    public function team(Team $team): void
    {
        $this->entities->wrapInTransaction(fn() => $this->take($team->id()->toBinary()));
        $this->entities->clear();
    }

    public function club(Club $club): void
    {
        $id = $club->id()->toBinary();
        $this->entities->wrapInTransaction(function () use ($id): void {
            $connection = $this->entities->getConnection();
            /** @var list<string> $teams */
            $teams = $connection->fetchFirstColumn('SELECT id FROM team WHERE club_id = ?', [$id]);
            foreach ($teams as $team) {
                $this->take($team);
            }
            $connection->delete('club', ['id' => $id]);
        });
        $this->entities->clear();
    }

    private function take(string $team): void
    {
        $connection = $this->entities->getConnection();
        $connection->executeStatement(
            'DELETE reading FROM reading JOIN player ON player.id = reading.player_id WHERE player.team_id = ?',
            [$team],
        );
        $connection->executeStatement(
            'DELETE opponent_batter FROM opponent_batter JOIN opponent ON opponent.id = ' .
                'opponent_batter.opponent_id WHERE opponent.team_id = ?',
            [$team],
        );
        foreach (self::OF_A_TEAM as $table) {
            $connection->delete($table, ['team_id' => $team]);
        }
        $connection->delete('team', ['id' => $team]);
    }
}
