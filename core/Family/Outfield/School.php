<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

/** What coaches differ on, with balls to the outfield. */
final readonly class School
{
    /**
     * @param bool $thirdCutsLeft on throws home from left the third baseman is the cutoff, else always the first
     *                            baseman
     * @param bool $trails        the second middle infielder trails a few strides behind the first, else he stays at
     *                            the bag
     * @param bool $behindABag    the pitcher backs up a bag on an ordinary single too, else he stays by the mound
     */
    public function __construct(public bool $thirdCutsLeft, public bool $trails, public bool $behindABag) {}
}
