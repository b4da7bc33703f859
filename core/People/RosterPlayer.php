<?php

declare(strict_types=1);

namespace FoxCorner\Core\People;

use FoxCorner\Core\Value\ButFor;

/** One player of a team as the core needs to know them. */
final readonly class RosterPlayer
{
    use ButFor;

    /**
     * @param string                  $id         never shown
     * @param string                  $name       as called on the field
     * @param string                  $number     on the shirt: "0" to "99", or "00"
     * @param list<Position>          $positions  that the player can play, the best first
     * @param \DateTimeImmutable|null $limitUntil the last day of the limit; null: until somebody lifts it
     * @param int|null                $throwsLeft hard throws that his arm has for the day; null: what is usual
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $number,
        public array $positions,
        public Traits $traits,
        public Limit $limit = Limit::None,
        public ?\DateTimeImmutable $limitUntil = null,
        public ?int $throwsLeft = null,
    ) {}

    /** The player as of a day: a limit whose last day is past is none. */
    public function on(\DateTimeImmutable $day): self
    {
        if (null === $this->limitUntil || $this->limitUntil->format('Y-m-d') >= $day->format('Y-m-d')) {
            return $this;
        }

        return $this->but(limit: Limit::None, limitUntil: null);
    }

    /** The same player with the limit of one evening. */
    public function limitedTo(Limit $limit): self
    {
        return $limit === $this->limit ? $this : $this->but(limit: $limit, limitUntil: null);
    }

    /** The same player with so many hard throws for the day; null: what is usual. */
    public function throwing(?int $throwsLeft): self
    {
        return $throwsLeft === $this->throwsLeft ? $this : $this->but(throwsLeft: $throwsLeft);
    }

    /** Nothing that a play asks of him but what he is called: what he does is the same under any name. */
    public function unnamed(string $name): self
    {
        return $this->but(id: '', name: $name, number: '0', positions: [], limitUntil: null, throwsLeft: null);
    }

    public function plays(Position $position): bool
    {
        return \in_array($position, $this->positions, true);
    }
}
