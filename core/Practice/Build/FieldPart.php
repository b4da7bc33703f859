<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Build;

use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Ground\Place;

/** The part of the field that a practice has. */
enum FieldPart: string
{
    case Whole = 'whole';
    case Infield = 'infield';
    case LeftHalf = 'left-half';
    case RightHalf = 'right-half';
    case Hall = 'hall';

    /**
     * Base paths from the plate to where the outfield begins for a practice, and that a half may reach over the middle
     * (ours).
     */
    private const INFIELD_ENDS = 1.72;
    private const OVER_THE_MIDDLE = 0.35;

    public function label(): string
    {
        return match ($this) {
            self::Whole => 'The whole field',
            self::Infield => 'The infield only',
            self::LeftHalf => 'The left half',
            self::RightHalf => 'The right half',
            self::Hall => 'A hall',
        };
    }

    /** Whether a drill can be set up there at a place. */
    public function holds(Drill $drill, Place $place, Diamond $diamond): bool
    {
        if (self::Hall === $this) {
            return $drill->fitsIndoors;
        }
        [$far, $over] = [self::INFIELD_ENDS * $diamond->basePath, self::OVER_THE_MIDDLE * $diamond->basePath];
        foreach ($place->outline() as $point) {
            $inside = match ($this) {
                self::Infield => $point->y <= $far,
                self::LeftHalf => $point->x <= $over,
                self::RightHalf => $point->x >= -$over,
                default => true,
            };
            if (!$inside) {
                return false;
            }
        }

        return true;
    }

    /**
     * Open ground for stations that can be anywhere, the best first.
     *
     * @return list<array{float, float}> in base paths
     */
    public function spots(): array
    {
        return match ($this) {
            self::Whole => [
                [-1.32, 0.55],
                [1.32, 0.55],
                [-1.0, 1.75],
                [1.0, 1.75],
                [-1.5, 1.15],
                [1.5, 1.15],
                [0.0, 2.08],
                [-0.55, 2.35],
                [0.55, 2.35],
            ],
            self::Infield => [[-1.32, 0.55], [1.32, 0.55], [-1.5, 1.15], [1.5, 1.15]],
            self::LeftHalf => [[-1.32, 0.55], [-1.0, 1.75], [-1.5, 1.15], [-0.55, 2.05]],
            self::RightHalf => [[1.32, 0.55], [1.0, 1.75], [1.5, 1.15], [0.55, 2.05]],
            self::Hall => [[-0.6, 0.3], [0.6, 0.3], [-0.6, 1.0], [0.6, 1.0], [0.0, 0.65]],
        };
    }
}
