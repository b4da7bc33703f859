<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

/** How whoever takes a throw at second gets it off to first and out of the way. */
enum PivotKind: string
{
    /** Early: a foot on the inside edge, the other steps toward the ball. */
    case Inside = 'inside';
    /** On the move with the ball: straight across. */
    case Across = 'across';
    /** The throw is on the outfield side: off the back of the bag. */
    case Back = 'back';
    /** The shortstop over the edge on the outfield side. */
    case OutfieldEdge = 'outfield-edge';
    /** The shortstop on throws from first, pitcher or catcher: in front. */
    case InsideEdge = 'inside-edge';
    /** The shortstop on a feed from second base: the outer corner. */
    case OuterCorner = 'outer-corner';

    public function label(): string
    {
        return match ($this) {
            self::Inside => 'Inside, there early',
            self::Across => 'Across the bag',
            self::Back => 'Back, behind the bag',
            self::OutfieldEdge => 'Over the outfield edge',
            self::InsideEdge => 'On the inside edge',
            self::OuterCorner => 'Over the outer corner',
        };
    }

    /**
     * What the feet do, for a right-hander.
     *
     * @return non-empty-list<PivotStep>
     */
    public function feet(): array
    {
        return match ($this) {
            self::Inside => [
                new PivotStep('L', -0.45, -0.45, 'touches the inside edge'),
                new PivotStep('R', -1.35, -0.25, 'steps toward the ball'),
                new PivotStep('L', -0.75, -1.35, 'toward first, and throw'),
            ],
            self::Across => [
                new PivotStep('L', -0.3, 0.25, 'on the bag as the ball comes'),
                new PivotStep('R', 0.2, -0.95, 'plants in front'),
                new PivotStep('L', 0.85, -1.45, 'toward first, and throw'),
            ],
            self::Back => [
                new PivotStep('L', -0.1, 0.45, 'pushes off the back edge'),
                new PivotStep('R', -0.35, 1.3, 'plants behind the bag'),
                new PivotStep('L', 0.5, 1.05, 'toward first, and throw'),
            ],
            self::OutfieldEdge => [
                new PivotStep('R', -0.35, 0.5, 'drags over the outfield edge'),
                new PivotStep('L', 0.45, 1.05, 'lands beyond it'),
                new PivotStep('R', 0.35, 1.35, 'plants; throw on the next step'),
            ],
            self::InsideEdge => [
                new PivotStep('L', -0.35, -0.5, 'touches the inside edge'),
                new PivotStep('R', -0.95, -1.05, 'plants inside'),
                new PivotStep('L', -0.2, -1.6, 'toward first, and throw'),
            ],
            self::OuterCorner => [
                new PivotStep('R', 0.1, 0.55, 'over the outer corner'),
                new PivotStep('L', 0.95, 0.75, 'lands toward right field'),
                new PivotStep('R', 0.75, 1.2, 'plants; throw on the next step'),
            ],
        };
    }
}
