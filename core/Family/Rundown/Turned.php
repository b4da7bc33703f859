<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Rundown;

/** A runner who has seen the throw go, and turned. */
final readonly class Turned
{
    /**
     * @param float $tagged chance that whoever caught it has him at once
     * @param float $toGo   ft from where he then is to the bag that he ran toward
     * @param float $gap    ft between the two at their nearest
     * @param float $caught s of the chase at which the throw is caught
     */
    public function __construct(public float $tagged, public float $toGo, public float $gap, public float $caught) {}
}
