<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

use FoxCorner\Core\People\Position;

/** A gap through which ground balls go, named by its neighbours. */
final readonly class Hole
{
    /**
     * @param float         $fromDegrees where it begins, from straight away, negative to left
     * @param Position|null $left        the neighbour on the left, null: the line
     * @param Position|null $right       the neighbour on the right, null: the line
     * @param float         $feet        its width where the infield stands
     * @param float         $through     of a hundred ground balls of this batter, how many go through it
     */
    public function __construct(
        public float $fromDegrees,
        public float $toDegrees,
        public ?Position $left,
        public ?Position $right,
        public float $feet,
        public float $through,
    ) {}

    /** "5–6 hole", "third-base line" */
    public function name(): string
    {
        return match (true) {
            null === $this->left => 'third-base line',
            null === $this->right => 'first-base line',
            default => $this->left->value . '–' . $this->right->value . ' hole',
        };
    }
}
