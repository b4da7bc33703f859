<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use FoxCorner\App\Shared\Csv\RowProblem;
use FoxCorner\Core\People\RosterPlayer;

/** What could be read of a roster file, and what could not. */
final readonly class RosterReading
{
    /** @var list<RosterPlayer> */
    public array $players;

    /**
     * @param list<RosterLine>      $lines
     * @param list<RowProblem>      $problems
     * @param array<string, string> $unused   headings that no column is known by, as they are written, by their key
     */
    public function __construct(public array $lines, public array $problems, public array $unused = [])
    {
        $this->players = array_map(static fn(RosterLine $line): RosterPlayer => $line->player, $lines);
    }

    public function added(): int
    {
        return \count(array_filter($this->lines, static fn(RosterLine $line): bool => null === $line->known));
    }

    public function changed(): int
    {
        return \count(
            array_filter(
                $this->lines,
                static fn(RosterLine $line): bool => null !== $line->known && [] !== $line->changes,
            ),
        );
    }

    /** Names what the page showed: something else on the roster by now means another look. */
    public function print(): string
    {
        return hash(
            'xxh64',
            serialize(array_map(static fn(RosterLine $line): array => [$line->known, $line->changes], $this->lines)),
        );
    }
}
