<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Cast;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;

/** A player in a play: where, how quick, how strong. */
final readonly class CastMember
{
    /**
     * @param Point $start        at contact
     * @param float $reaction     seconds from contact to the first step of a planned move
     * @param float $exchangeMore seconds by which this player's exchange is longer than the level's
     */
    public function __construct(
        public Position $position,
        public RosterPlayer $player,
        public Point $start,
        public Legs $legs,
        public float $reaction,
        public Speed $arm,
        public float $exchangeMore = 0.0,
    ) {}

    /** The same one, starting at another moment; negative: before contact. */
    public function leaving(float $reaction): self
    {
        return $this->movedTo($this->start, $reaction);
    }

    /** The same one somewhere else, starting at another moment. */
    public function movedTo(Point $start, float $reaction): self
    {
        return new self(
            $this->position,
            $this->player,
            $start,
            $this->legs,
            $reaction,
            $this->arm,
            $this->exchangeMore,
        );
    }

    /** Seconds from contact until the player stands there. */
    public function secondsTo(Point $target): float
    {
        return $this->reaction + $this->legs->secondsFor($this->start->distanceTo($target));
    }
}
