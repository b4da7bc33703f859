<?php

declare(strict_types=1);

namespace FoxCorner\App\People;

use FoxCorner\App\Club\Player;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Club\Role;
use FoxCorner\App\Club\Team;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Problem\Unknown;

/** A role as a form gives it, with whom of the roster somebody is or stands for, where the role has one. */
final readonly class GivenRole
{
    private function __construct(public Role $role, public ?Player $player) {}

    /**
     * @param string $player id; empty: nobody of the roster
     *
     * @throws Problem naming the field
     */
    public static function of(string $typed, string $player, Team $team, PlayerRepository $players): self
    {
        $role = Unknown::oneOf(Role::class, $typed, 'role');
        $whom =
            !$role->hasPlayer() || '' === $player
                ? null
                : $players->inTeam($team, $player) ??
                    throw Refused::because('player', 'nobody on the roster is meant', 'a player of the roster');
        if (Role::Guardian === $role && null === $whom) {
            throw Refused::because('player', 'a guardian stands for somebody', 'a player of the roster');
        }

        return new self($role, $whom);
    }
}
