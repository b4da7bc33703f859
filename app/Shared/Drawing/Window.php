<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Drawing;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;

/** The piece of the field that a drawing shows, in field feet with y turned over as a screen has it. */
final readonly class Window
{
    /** Width over height of the other field drawings. */
    private const SHAPE = 692 / 500;
    /** Height over width of drawings of plays, low enough for the time bar below it. */
    private const INFIELD_SHAPE = 446 / 692;
    private const WHOLE_SHAPE = 428 / 692;
    /** The same where a time bar stands under it. */
    private const PLAYED_SHAPE = 388 / 692;
    /** In base paths: how wide an infield drawing is, and how much of it lies behind the plate. */
    private const INFIELD_WIDTH = 3.35;
    private const PRACTICE_WIDTH = 4.0;
    /** ft behind the plate where somebody backs it up. */
    private const BACKING_UP = 34.0;
    private const BEHIND_HOME = 0.24;
    /** In base paths: what of the infield is seen from near at least; and how much nearer that must be. */
    private const NEAR_HEIGHT = 1.85;
    private const NEAR_WIDTH = 1.9;
    private const NEARER = 0.9;
    /** ft that a map of bunts is wide, and that lie behind the plate. */
    private const BUNT_WIDTH = 104.0;
    private const BUNT_BEHIND = 5.0;
    /** Pixels that the drawing is wide on a laptop; symbol and letter sizes are given for this. */
    private const PIXELS = 692;

    private function __construct(public float $left, public float $top, public float $width, public float $height) {}

    /** From behind the plate to the fence. */
    public static function wholeField(RuleSet $rules): self
    {
        return self::toTheFence($rules, 0.14 * $rules->basePath, self::WHOLE_SHAPE);
    }

    /** The same with room behind the bags for those who back them up. */
    public static function wholeFieldWithBackUps(RuleSet $rules): self
    {
        return self::toTheFence($rules, self::BACKING_UP, self::PLAYED_SHAPE);
    }

    /** @param float $behind ft behind the plate, besides a margin */
    private static function toTheFence(RuleSet $rules, float $behind, float $shape): self
    {
        $deepest = max(
            array_map(
                static fn(float $degrees): float => Point::polar($rules->fence->distanceAt($degrees), $degrees)->y,
                [-22.5, 0.0, 22.5],
            ),
        );
        $margin = 0.06 * $deepest;
        $height = $deepest + 3.0 * $margin + $behind;
        $width = max(
            $height / $shape,
            2.2 * Point::polar(max($rules->fence->feet[0], $rules->fence->feet[4]), 45.0)->x,
        );

        return new self(-$width / 2, -$deepest - $margin, $width, $width * $shape);
    }

    /** The infield with room for those who back up. */
    public static function infield(RuleSet $rules): self
    {
        return self::aroundInfield(self::INFIELD_WIDTH * $rules->basePath, self::INFIELD_SHAPE, $rules);
    }

    /** The infield alone, in the shape of this one; null where this shows hardly more than it. */
    public function near(RuleSet $rules): ?self
    {
        $shape = $this->height / $this->width;
        $height = max(self::NEAR_HEIGHT * $rules->basePath, self::NEAR_WIDTH * $rules->basePath * $shape);
        $near = self::aroundInfield($height / $shape, $shape, $rules);

        return $near->width < self::NEARER * $this->width ? $near : null;
    }

    /** The infield and the grass behind it, where stations are. */
    public static function practiceGround(RuleSet $rules): self
    {
        return self::aroundInfield(self::PRACTICE_WIDTH * $rules->basePath, 1 / self::SHAPE, $rules);
    }

    /** The ground in front of the plate, where bunts come to rest. */
    public static function inFrontOfPlate(): self
    {
        return new self(
            -self::BUNT_WIDTH / 2,
            self::BUNT_BEHIND - self::BUNT_WIDTH / self::SHAPE,
            self::BUNT_WIDTH,
            self::BUNT_WIDTH / self::SHAPE,
        );
    }

    /**
     * All of these points, with room.
     *
     * @param non-empty-list<Point> $points
     * @param float                 $room   by what they take
     * @param float                 $least  ft wide
     * @param float                 $shape  height by width
     */
    public static function around(array $points, float $room, float $least, float $shape): self
    {
        $across = array_map(static fn(Point $point): float => $point->x, $points);
        $ahead = array_map(static fn(Point $point): float => $point->y, $points);
        $wide = max($across) - min($across);
        $middle = Point::of((max($across) + min($across)) / 2, (max($ahead) + min($ahead)) / 2);

        return self::aroundPoint(
            $middle,
            max($least, $room * max($wide, (max($ahead) - min($ahead)) / $shape)),
            $shape,
        );
    }

    /**
     * @param float $width ft
     * @param float $shape height by width
     */
    public static function aroundPoint(Point $middle, float $width, float $shape): self
    {
        $height = $width * $shape;

        return new self($middle->x - $width / 2, -$middle->y - $height / 2, $width, $height);
    }

    private static function aroundInfield(float $width, float $shape, RuleSet $rules): self
    {
        return new self(-$width / 2, self::BEHIND_HOME * $rules->basePath - $width * $shape, $width, $width * $shape);
    }

    public function has(Point $point): bool
    {
        return $point->x >= $this->left &&
            $point->x <= $this->left + $this->width &&
            -$point->y >= $this->top &&
            -$point->y <= $this->top + $this->height;
    }

    public function viewBox(): string
    {
        return \sprintf('%.2f %.2f %.2f %.2f', $this->left, $this->top, $this->width, $this->height);
    }

    /** Feet that a pixel of the laptop drawing stands for. */
    public function feetPerPixel(): float
    {
        return $this->width / self::PIXELS;
    }
}
