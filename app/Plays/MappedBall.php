<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Play\Map\MapOutcome;
use FoxCorner\Core\Play\Map\MapSpot;

/** A ball as a map shows it: where it is, what comes of it, and the way to watch it. */
final readonly class MappedBall
{
    /**
     * @param float                      $sureness 0.5 to 1
     * @param array<string, string|null> $carry    parameters of an address that lead to it
     * @param string                     $words    what the pointer reads out
     */
    public function __construct(
        public Point $at,
        public MapOutcome $outcome,
        public float $sureness,
        public array $carry,
        public string $words,
    ) {}

    public function isThin(): bool
    {
        return $this->sureness < MapSpot::RELIED_ON;
    }
}
