<?php

declare(strict_types=1);

namespace FoxCorner\App\Archive;

/** An archive that was opened and looked over: what it says that it is, and its teams. */
final readonly class Archive
{
    /** Bytes that one may have, packed and unpacked, when it is written as when it is read. */
    public const PACKED = 15_000_000;
    public const UNPACKED = 60_000_000;

    /**
     * @param string                       $what  team or club
     * @param non-empty-list<ArchivedTeam> $teams
     */
    public function __construct(public string $what, public string $name, public array $teams) {}

    public function isClub(): bool
    {
        return 'club' === $this->what;
    }

    /** What a page shows of it before it is brought in. */
    public function summary(): ArchiveSummary
    {
        return new ArchiveSummary(
            $this->isClub(),
            $this->name,
            array_map(
                static fn(ArchivedTeam $team): array => [
                    'name' => $team->name(),
                    ...array_map($team->count(...), array_combine(ArchiveSummary::TABLES, ArchiveSummary::TABLES)),
                ],
                $this->teams,
            ),
        );
    }
}
