<?php

declare(strict_types=1);

namespace FoxCorner\App\Archive;

/** What is in an archive: how many rows of each table that a page names. */
final readonly class ArchiveSummary
{
    public const TABLES = ['player', 'reading', 'practice', 'opponent', 'own_drill', 'booking'];

    /** @param list<array<string, int|string>> $teams name and numbers of rows */
    public function __construct(public bool $isClub, public string $name, public array $teams) {}

    public function write(): string
    {
        return json_encode([$this->isClub, $this->name, $this->teams], \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE);
    }

    public static function read(string $json): self
    {
        /** @var array{bool, string, list<array<string, int|string>>} $read */
        $read = json_decode($json, true, 6, \JSON_THROW_ON_ERROR);

        return new self(...$read);
    }
}
