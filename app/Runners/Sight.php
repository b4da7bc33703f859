<?php

declare(strict_types=1);

namespace FoxCorner\App\Runners;

use FoxCorner\Core\Field\Point;

/** The pitcher's look at a runner, as a cone on the ground. */
final readonly class Sight
{
    /** Half of it where the runner is, in parts of its length (ours: about 6 degrees). */
    private const WIDE = 0.1;
    /** How far beyond the runner it goes, and where his eyes are drawn, in parts of its length. */
    private const BEYOND = 1.08;
    private const EYES = 0.45;

    public function __construct(private Point $from, private Point $runner) {}

    /** As SVG with y turned over. */
    public function cone(): string
    {
        [$dx, $dy] = [$this->runner->x - $this->from->x, $this->runner->y - $this->from->y];
        $corner = fn(float $side): string => \sprintf(
            '%.2f %.2f',
            $this->from->x + self::BEYOND * ($dx - $side * self::WIDE * $dy),
            -($this->from->y + self::BEYOND * ($dy + $side * self::WIDE * $dx)),
        );

        return \sprintf('M%.2f %.2fL%sL%sZ', $this->from->x, -$this->from->y, $corner(-1.0), $corner(1.0));
    }

    public function eyes(): Point
    {
        return Point::of(
            $this->from->x + self::EYES * ($this->runner->x - $this->from->x),
            $this->from->y + self::EYES * ($this->runner->y - $this->from->y),
        );
    }
}
