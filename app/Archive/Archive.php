<?php

declare(strict_types=1);

namespace FoxCorner\App\Archive;

/** An archive that was opened and looked over: what it says that it is, and its teams. */
final readonly class Archive
{
    /**
     * @param string                       $what  team or club
     * @param non-empty-list<ArchivedTeam> $teams
     */
    public function __construct(public string $what, public string $name, public array $teams) {}

    public function isClub(): bool
    {
        return 'club' === $this->what;
    }
}
