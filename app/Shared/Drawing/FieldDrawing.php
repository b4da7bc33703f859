<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Drawing;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;

/** The still parts of a field as SVG paths, to scale, home at the bottom. */
final readonly class FieldDrawing
{
    /** Mown arcs between the skin and the fence. */
    private const ARCS = 7;
    /** ft; radii of the circles at home and around the pitcher (rule books), and half the side of a bag. */
    private const HOME_CIRCLE = 13.0;
    private const PITCHERS_CIRCLE_SOFTBALL = 8.0;
    private const PITCHERS_MOUND_BASEBALL = 9.0;
    private const HALF_BAG = 1.4;
    /** ft of dirt on the foul side of a base line, as a share of the base path. */
    private const FOUL_SKIN = 0.14;

    public function __construct(private RuleSet $rules, public Window $window) {}

    /** The whole field, from behind the plate to the fence. */
    public static function whole(RuleSet $rules): self
    {
        return new self($rules, Window::wholeField($rules));
    }

    /** The same from near: the infield, or half of what is seen where that is all that is shown. Null: it is near. */
    public function near(): ?Window
    {
        return $this->window->near($this->rules);
    }

    /** Fair ground, up to the fence. */
    public function fairGround(): string
    {
        return $this->toFence(1.0);
    }

    /** The lines, home to the fence. */
    public function foulLines(): string
    {
        $left = Point::polar($this->rules->fence->distanceAt(-45.0), -45.0);
        $right = Point::polar($this->rules->fence->distanceAt(45.0), 45.0);

        return 'M' . self::pair($left) . 'L0 0L' . self::pair($right);
    }

    public function fence(): string
    {
        return 'M' . implode('L', array_map($this->onFence(...), range(-45, 45, 3)));
    }

    /** @return list<string> every second band of the mown outfield, from the fence in */
    public function mownArcs(): array
    {
        $paths = [];
        for ($band = self::ARCS; $band > 0; $band -= 2) {
            $paths[] = $this->toFence($band / self::ARCS) . $this->toFence(($band - 1) / self::ARCS);
        }

        return $paths;
    }

    /** The dirt: an arc around the pitcher's plate, cut parallel to the foul lines. */
    public function skin(): string
    {
        $radius = $this->rules->skinRadius;
        $pitcher = $this->rules->pitchingDistance;
        $offset = self::FOUL_SKIN * $this->rules->basePath * \M_SQRT2;
        // The edge y = x − offset meets the circle around (0, pitcher).
        $sum = $offset + $pitcher;
        $x = ($sum + sqrt(2 * $radius ** 2 - $sum ** 2)) / 2;
        $edge = Point::of($x, $x - $offset);
        $home = Point::of($offset / 2, -$offset / 2);

        return \sprintf(
            'M%s L%s A%.2f %.2f 0 %d 0 %s L%s Z',
            self::pair($home),
            self::pair($edge),
            $radius,
            $radius,
            // The far arc is more than half the circle only when it begins nearer to home than the rubber.
            $edge->y < $pitcher ? 1 : 0,
            self::pair(Point::of(-$edge->x, $edge->y)),
            self::pair(Point::of(-$home->x, $home->y)),
        );
    }

    /** The grass inside the base paths; empty where the infield is all dirt. */
    public function infieldGrass(): string
    {
        if (!$this->rules->grassInfield) {
            return '';
        }
        $inside = 3.5 * \M_SQRT2;
        $diagonal = $this->rules->basePath * \M_SQRT2;

        return \sprintf(
            'M0 %.2f L%.2f %.2f L0 %.2f L%.2f %.2f Z',
            -$inside,
            $diagonal / 2 - $inside,
            -$diagonal / 2,
            -$diagonal + $inside,
            -$diagonal / 2 + $inside,
            -$diagonal / 2,
        );
    }

    /** First to second to third; home to first is the line itself. */
    public function basePaths(): string
    {
        $diamond = $this->rules->diamond();

        return 'M' .
            implode(
                'L',
                array_map(static fn(Base $base): string => self::pair($diamond->at($base)), [
                    Base::First,
                    Base::Second,
                    Base::Third,
                ]),
            );
    }

    /** @return list<array{x: float, y: float, size: float}> the three bags, as squares on their corners */
    public function bags(): array
    {
        $size = max(self::HALF_BAG, 3.4 * $this->window->feetPerPixel());

        return array_map(
            fn(Base $base): array => [
                'x' => $this->rules->diamond()->at($base)->x,
                'y' => -$this->rules->diamond()->at($base)->y,
                'size' => $size,
            ],
            [Base::First, Base::Second, Base::Third],
        );
    }

    public function homePlate(): string
    {
        $half = max(0.9, 3.0 * $this->window->feetPerPixel());

        return \sprintf(
            'M0 0L%1$.2f %2$.2fL%1$.2f %3$.2fL%4$.2f %3$.2fL%4$.2f %2$.2fZ',
            $half,
            -$half,
            -2 * $half,
            -$half,
        );
    }

    public function homeCircle(): float
    {
        return ((self::HOME_CIRCLE * $this->rules->basePath) / 90) * ($this->rules->sport->isSoftball() ? 1.3 : 1.0);
    }

    public function pitchersCircle(): float
    {
        return $this->rules->sport->isSoftball()
            ? self::PITCHERS_CIRCLE_SOFTBALL
            : (self::PITCHERS_MOUND_BASEBALL * $this->rules->basePath) / 90;
    }

    public function pitchersPlateY(): float
    {
        return -$this->rules->pitchingDistance;
    }

    /** Of the scale bar, of a unit that is so many ft: the largest round number in a sixth of the drawing. */
    public function scale(float $unit = 1.0): int
    {
        foreach ([100, 50, 20, 10, 5] as $number) {
            if ($number * $unit <= $this->window->width / 6) {
                return $number;
            }
        }

        return 2;
    }

    private function toFence(float $share): string
    {
        $points = array_map(
            fn(int $degrees): string => self::pair(
                Point::polar($share * $this->rules->fence->distanceAt($degrees), $degrees),
            ),
            range(-45, 45, 3),
        );

        return 'M0 0L' . implode('L', $points) . 'Z';
    }

    private function onFence(int $degrees): string
    {
        return self::pair(Point::polar($this->rules->fence->distanceAt($degrees), $degrees));
    }

    private static function pair(Point $point): string
    {
        return \sprintf('%.2f %.2f', $point->x, -$point->y);
    }
}
