<?php

declare(strict_types=1);

namespace FoxCorner\Core\Motion;

/** One throw in the air: how long, how steep, and whether it bounced on the way. */
final readonly class ThrowFlight
{
    /**
     * @param float $seconds       release to catch
     * @param float $launchDegrees above the horizontal
     * @param int   $bounces       0 or 1
     */
    public function __construct(public float $seconds, public float $launchDegrees, public int $bounces) {}
}
