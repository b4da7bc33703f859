<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Depth;

use FoxCorner\Core\Field\Point;

/** A place that a player can find: the point, and the words that lead there. */
interface Placement
{
    public function point(): Point;

    /**
     * How to walk there, in this player's paces: "9 off second, 4½ back".
     *
     * @param float $paceLength feet
     */
    public function inPaces(float $paceLength): string;

    /** The same in feet: "23 off, 9 back". */
    public function inFeet(): string;
}
