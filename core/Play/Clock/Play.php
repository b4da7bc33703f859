<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Choice\ThrowOption;

/** One play: who has the ball first and what he can do with it; all of it drawn only when it is asked for. */
interface Play
{
    public function firstBy(): Position;

    /** @return non-empty-list<ThrowOption> lead base first */
    public function options(): array;

    public function timeline(): Timeline;
}
