<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Scheme;

use FoxCorner\Core\Field\Point;

/**
 * What the other side does this time: the ball that is hit, the runner who goes. One of what a coverage is tried
 * against.
 */
interface Trial
{
    /** In the words of whoever hits or runs it in a practice: "Firm, straight at the mound: it rests 50 ft out." */
    public function words(): string;

    /** Where the ball ends up when nobody takes it; null when there is none on its way. */
    public function restsAt(): ?Point;

    /**
     * @return array<string, float|string> what {@see PlayFamily::trial()} makes the same of again; as addresses and
     *                                     files have it
     */
    public function fields(): array;
}
