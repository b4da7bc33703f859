<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Shade;

use FoxCorner\Core\People\Position;

/** How far one infielder moves along the base path, and why. */
final readonly class Shade
{
    /** A step as a share of the base path: 3 ft at 90, 2 ft at 60 (ours). */
    private const STEP = 1 / 30;

    /**
     * @param int    $steps  farther off the bag the spot is walked from; negative: closer to it
     * @param string $reason a sentence
     */
    public function __construct(public Position $position, public int $steps, public string $reason)
    {
    }

    public function feet(float $basePath): float
    {
        return $this->steps * self::STEP * $basePath;
    }
}
