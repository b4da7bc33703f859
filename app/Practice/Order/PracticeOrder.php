<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Order;

use FoxCorner\App\Club\Team;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\PracticeSetup;
use FoxCorner\App\Practice\Book\PracticeWish;
use FoxCorner\Core\Practice\Schedule\KeptTurn;
use FoxCorner\Core\Value\ButFor;

/** What is to be solved: a team, an hour, who comes, what there is to work with, and what stays as it is. */
final readonly class PracticeOrder
{
    use ButFor;

    /**
     * @param list<string>   $comes ids of players
     * @param list<KeptTurn> $kept
     */
    public function __construct(
        public Team $team,
        public \DateTimeImmutable $startsAt,
        public int $minutes,
        public array $comes,
        public PracticeSetup $setup,
        public array $kept = [],
    ) {}

    public static function of(Practice $practice, PracticeSetup $setup): self
    {
        return new self($practice->team, $practice->startsAt(), $practice->minutes(), $practice->comes(), $setup);
    }

    public static function wished(Team $team, PracticeWish $wish, PracticeSetup $setup): self
    {
        return new self($team, $wish->startsAt, $wish->minutes, $wish->comes, $setup);
    }

    /** The same with something else to work with. */
    public function with(PracticeSetup $setup): self
    {
        return $this->but(setup: $setup);
    }

    /** @param list<KeptTurn> $kept */
    public function keeping(array $kept): self
    {
        return $this->but(kept: $kept);
    }
}
