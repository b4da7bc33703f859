<?php

declare(strict_types=1);

namespace FoxCorner\App\Runners;

use FoxCorner\Core\Field\Point;

/** Lines around a bag, so many feet from it on the side of the next one, as SVG with y turned over. */
final readonly class Arcs
{
    /** Degrees to each side of the way to the next bag. */
    private const WIDE = 32.0;

    public function __construct(private Point $bag, private Point $next) {}

    /** A line so many feet from the bag. */
    public function line(float $feet): string
    {
        [$from, $to] = [$this->at($feet, -self::WIDE), $this->at($feet, self::WIDE)];

        return \sprintf('M%s A%.2f %.2f 0 0 1 %s', self::point($from), $feet, $feet, self::point($to));
    }

    /** The ground between two of them. */
    public function strip(float $near, float $far): string
    {
        return \sprintf(
            'M%s A%.2f %.2f 0 0 1 %s L%s A%.2f %.2f 0 0 0 %s Z',
            self::point($this->at($near, -self::WIDE)),
            $near,
            $near,
            self::point($this->at($near, self::WIDE)),
            self::point($this->at($far, self::WIDE)),
            $far,
            $far,
            self::point($this->at($far, -self::WIDE)),
        );
    }

    /** On the way to the next bag. */
    public function runner(float $feet): Point
    {
        return $this->bag->toward($this->next, $feet);
    }

    /** An end of a line, on the side of the infield or of the outfield. */
    public function end(float $feet, bool $isInside): Point
    {
        return $this->at($feet, $isInside ? -self::WIDE : self::WIDE);
    }

    /**
     * Where the name of a line stands, in pixels from its end: clear of the lines, on the side that is free.
     *
     * @return array{dx: int, dy: int, anchor: string}
     */
    public function label(bool $isInside): array
    {
        $isRight = $this->next->x > $this->bag->x === $isInside;
        // From first to second the lines open upward, from second to third downward, from third to home likewise.
        $isUp = $this->next->y > $this->bag->y;
        [$dx, $dy] = $isUp
            ? [$isInside ? -46 : 34, $isInside ? -34 : -30]
            : [$isRight ? 40 : -40, $isInside ? 26 : -24];
        $dx = !$isUp && $this->bag->x >= 0.0 ? ($isInside ? 40 : -40) : $dx;

        return ['dx' => $dx, 'dy' => $dy, 'anchor' => $dx > 0 ? 'start' : 'end'];
    }

    /**
     * Where the runner's name stands, in pixels from him: on the bag's side, away from the lines.
     *
     * @return array{dx: int, dy: int, anchor: string}
     */
    public function runnersName(): array
    {
        return $this->next->y > $this->bag->y
            ? ['dx' => 16, 'dy' => 6, 'anchor' => 'start']
            : ['dx' => 0, 'dy' => -20, 'anchor' => 'middle'];
    }

    private function at(float $feet, float $degrees): Point
    {
        $angle = atan2($this->next->y - $this->bag->y, $this->next->x - $this->bag->x) - deg2rad($degrees);

        return $this->bag->plus($feet * cos($angle), $feet * sin($angle));
    }

    private static function point(Point $point): string
    {
        return \sprintf('%.2f %.2f', $point->x, -$point->y);
    }
}
