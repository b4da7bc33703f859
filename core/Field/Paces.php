<?php

declare(strict_types=1);

namespace FoxCorner\Core\Field;

use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;

/**
 * A distance counted in one person's walking steps, rounded to the half pace.
 *
 * The same spot is a different number of paces for every player.
 */
final readonly class Paces
{
    private function __construct(public float $count) {}

    /**
     * @param float $feet       the distance; negative counts the other way
     * @param float $paceLength one pace of the person who walks, in feet
     *
     * @throws Problem when the pace is not 1 to 5 ft
     */
    public static function inFeet(float $feet, float $paceLength): self
    {
        OutOfRange::unlessBetween('pace', $paceLength, 1.0, 5.0, 'feet');

        return new self(round((2 * $feet) / $paceLength) / 2);
    }

    /** "4½", "12", "½"; without a sign, since the direction is a word. */
    public function count(): string
    {
        $whole = (int) floor(abs($this->count));
        $half = abs($this->count) > $whole ? '½' : '';

        return 0 === $whole && '' !== $half ? $half : $whole . $half;
    }

    public function isZero(): bool
    {
        return 0.0 === $this->count;
    }
}
