<?php

declare(strict_types=1);

namespace FoxCorner\App\Field;

use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\CoverageChoice;

/** Whether the coverage that is looked at is the one that is played, and who said so. */
final readonly class CoverageStanding
{
    /** @param bool $isDecided whether somebody has said so; else it is only the usual one */
    private function __construct(public bool $isPlayed, public bool $isDecided, public string $words) {}

    public static function of(PlannedPlay $planned, ?CoverageChoice $choice): self
    {
        $played = $planned->drawnUp($choice?->coverage) ?? ($planned->coverages[0] ?? null);
        $isPlayed = $played?->key === $planned->coverage?->key;

        return new self(
            $isPlayed,
            $isPlayed && null !== $choice,
            match (true) {
                !$isPlayed => 'The team plays the other one.',
                null === $choice => 'The usual one; nobody has decided yet.',
                default => 'Decided by ' . $choice->by . ', ' . $choice->at->format('j F') . '.',
            },
        );
    }
}
