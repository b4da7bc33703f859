<?php

declare(strict_types=1);

namespace FoxCorner\App\Lineup;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Club\Team;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** Who plays where today: what the coach has said, and the roster for the rest. */
final readonly class LineupReader
{
    public function __construct(private PlayerRepository $players, private EntityManagerInterface $entities) {}

    /**
     * @param string|null $pitcher somebody else's turn on the mound, by id
     *
     * @throws Problem when the roster does not make nine, or the pitcher is not on it
     */
    public function today(Team $team, ?string $pitcher = null): Lineup
    {
        $roster = $this->players->rosterOf($team);
        $wanted = $this->stored($team)?->wanted() ?? [];
        if (null !== $pitcher) {
            if (
                !\in_array($pitcher, array_map(static fn(RosterPlayer $player): string => $player->id, $roster), true)
            ) {
                throw Refused::because('pitcher', 'nobody on the roster is meant', 'a player of the roster');
            }
            $wanted =
                [Position::Pitcher->value => $pitcher] +
                array_filter($wanted, static fn(string $id): bool => $id !== $pitcher);
        }

        return Lineup::choose($roster, $wanted);
    }

    public function stored(Team $team): ?TodaysLineup
    {
        return $this->entities->getRepository(TodaysLineup::class)->findOneBy(['team' => $team]);
    }
}
