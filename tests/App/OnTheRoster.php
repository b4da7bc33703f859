<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Player;
use FoxCorner\Core\People\RosterPlayer;

/** A player of the roster by name. */
trait OnTheRoster
{
    private function player(string $name): RosterPlayer
    {
        $this->entities()->clear();

        return $this->entities()
            ->getRepository(Player::class)
            ->findOneBy(['team' => $this->team(), 'name' => $name])
            ?->asRosterPlayer() ?? self::fail("$name is on the roster.");
    }
}
