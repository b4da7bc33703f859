<?php

declare(strict_types=1);

namespace FoxCorner\Core\Runs;

/** One way a plate appearance can end: how likely, who is on, outs made, runs in. */
final readonly class Outcome
{
    /**
     * @param float $chance 0 to 1
     * @param int   $on     the bases occupied afterwards: 1 first, 2 second, 4 third, added
     * @param int   $outs   made on the play
     * @param int   $runs   scored on it
     */
    public function __construct(public float $chance, public int $on, public int $outs, public int $runs) {}
}
