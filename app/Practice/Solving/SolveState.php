<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Solving;

/** Where a piece of work for the workers is. */
enum SolveState: string
{
    case Waiting = 'waiting';
    case Running = 'running';
    case Done = 'done';
    /** Nobody wants it any more; what it finds is thrown away. */
    case Dropped = 'dropped';

    public function isOver(): bool
    {
        return self::Done === $this || self::Dropped === $this;
    }
}
