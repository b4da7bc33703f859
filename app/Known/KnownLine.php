<?php

declare(strict_types=1);

namespace FoxCorner\App\Known;

use FoxCorner\Core\Known\Band;
use FoxCorner\Core\Known\Bands;
use FoxCorner\Core\Known\LevelFigures;
use FoxCorner\Core\Known\Measure;

/** A measure of a level: between what it should be, and what the engine says. */
final readonly class KnownLine
{
    private function __construct(public Measure $measure, public ?Band $band, public float $ours) {}

    public static function of(LevelFigures $figures, Measure $measure): self
    {
        return new self($measure, Bands::of($figures->level, $measure), $figures->measured($measure));
    }

    /** Whether it is counted in a hundred; else in runs. */
    public function isShare(): bool
    {
        return Measure::Runs !== $this->measure;
    }

    /** Where a figure lies on the bar of the measure, 0 to 1. */
    public function along(float $figure): float
    {
        return min(1.0, $figure / ($this->isShare() ? 1.0 : 10.0));
    }
}
