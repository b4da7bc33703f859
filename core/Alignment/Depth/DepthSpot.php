<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Depth;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\Paces;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;

/**
 * An infielder's spot, walked from a bag: first off it along the base path, then at right angles, back
 * (away from home) or front.
 *
 * Middle infielders start at second and go off toward their own side; corner infielders start at their
 * own bag and go off toward second, off the foul line.
 */
final readonly class DepthSpot implements Placement
{
    private function __construct(private Base $bag, public float $off, public float $back, private Point $point) {}

    /**
     * @param float $off  feet
     * @param float $back feet, negative is front
     */
    public static function of(Position $position, float $off, float $back, Diamond $diamond): self
    {
        $bag = self::bagOf($position);
        [$offX, $offY, $backX, $backY] = self::axes($position);

        return new self(
            $bag,
            $off,
            $back,
            $diamond
                ->at($bag)
                ->plus(\M_SQRT1_2 * ($off * $offX + $back * $backX), \M_SQRT1_2 * ($off * $offY + $back * $backY)),
        );
    }

    /** The spot that leads to a point, for an infielder whom somebody moved there. */
    public static function at(Position $position, Point $point, Diamond $diamond): self
    {
        $bag = self::bagOf($position);
        [$offX, $offY, $backX, $backY] = self::axes($position);
        [$x, $y] = [$point->x - $diamond->at($bag)->x, $point->y - $diamond->at($bag)->y];

        return new self($bag, \M_SQRT1_2 * ($x * $offX + $y * $offY), \M_SQRT1_2 * ($x * $backX + $y * $backY), $point);
    }

    public function point(): Point
    {
        return $this->point;
    }

    public function inPaces(float $paceLength): string
    {
        $off = Paces::inFeet($this->off, $paceLength);
        $back = Paces::inFeet($this->back, $paceLength);
        $first = match (true) {
            $off->isZero() => 'At ' . $this->bag->word(),
            $off->count < 0 => $off->count() . ' foul side of ' . $this->bag->word(),
            default => $off->count() . ' off ' . $this->bag->word(),
        };

        return $first . ', ' . ($back->isZero() ? 'even' : $back->count() . ' ' . self::direction($back->count));
    }

    public function inFeet(): string
    {
        return \sprintf(
            '%d ft off, %d ft %s',
            round(abs($this->off)),
            round(abs($this->back)),
            self::direction($this->back),
        );
    }

    private static function direction(float $back): string
    {
        return $back < 0 ? 'front' : 'back';
    }

    private static function bagOf(Position $position): Base
    {
        return match ($position) {
            Position::FirstBase => Base::First,
            Position::ThirdBase => Base::Third,
            Position::SecondBase, Position::Shortstop => Base::Second,
            default => throw new \LogicException($position->label() . ' is not placed from a bag.'),
        };
    }

    /** @return array{int, int, int, int} directions of off and back, in units of 1/√2 */
    private static function axes(Position $position): array
    {
        return match ($position) {
            Position::FirstBase => [-1, 1, 1, 1],
            Position::ThirdBase => [1, 1, -1, 1],
            Position::SecondBase => [1, -1, 1, 1],
            Position::Shortstop => [-1, -1, -1, 1],
            default => throw new \LogicException($position->label() . ' is not placed from a bag.'),
        };
    }
}
