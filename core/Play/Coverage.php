<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play;

use FoxCorner\Core\People\Position;

/** How a defence answers one kind of play: who may field, and what everybody does once it is clear who does. */
interface Coverage
{
    /** Stays the same for ever; used in addresses and files. */
    public function key(): string;

    public function name(): string;

    /** As it is called to the infield. */
    public function call(): string;

    /** Why a coach would choose it, and what it gives up. */
    public function reason(): string;

    /** @return list<Position> those who go for the ball */
    public function fielders(): array;

    /** @return list<Position> who leave with the pitch */
    public function early(): array;

    /**
     * The branch of the play in which one fielder has the ball.
     *
     * A faulty coverage may give a position no job, or two: the audit finds that.
     *
     * @return list<Assignment>
     */
    public function assignments(Position $fieldedBy): array;
}
