<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

/**
 * Somebody may do less in a team, or is not in it any more. What he has given to others while he might ends with it:
 * whoever keeps such things takes them back and says so.
 */
final class RightsLost
{
    /** @var list<string> */
    private array $taken = [];

    /** @param Role|null $now null: he is out of the team */
    public function __construct(
        public readonly Account $account,
        public readonly Team $team,
        private readonly ?Role $now,
    ) {}

    public function stillMay(May $what): bool
    {
        return true === $this->now?->may($what);
    }

    /** @param string $what as in "the invitation of ada@fen-end.example" */
    public function takenBack(string $what): void
    {
        $this->taken[] = $what;
    }

    /** All that was taken back, as a sentence; '' when it was nothing. */
    public function words(): string
    {
        return [] === $this->taken ? '' : ' Taken back with it: ' . implode(', ', $this->taken) . '.';
    }
}
