<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Golden;

use FoxCorner\Core\Alignment\Landmark;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Paces;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Segment;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\People\Position;

/** The ground: rule sets, fences, points and lines, and how a spot is called by what is seen there. */
final class FieldFigures implements Figures
{
    public static function all(): iterable
    {
        foreach (ShippedRuleSets::all() as $key => $rules) {
            $diamond = $rules->diamond();
            yield "rules/$key" => $rules;
            yield "diamond/$key" => [
                array_map($diamond->at(...), Base::cases()),
                $diamond->pitchersPlate(),
                $rules->buntSurface(),
            ];
            yield "fence/$key" => [
                ...array_map($rules->fence->distanceAt(...), [-60.0, -40.0, -11.0, 3.0, 30.0, 44.0]),
                $rules->fence->farthest(),
            ];
        }
        $rules = ShippedRuleSets::get('baseball-90');
        foreach (Position::cases() as $position) {
            foreach (
                [[-70, 70], [-30, 118], [20, 140], [2, 250], [80, 81], [150, 210], [-45, 160], [95, 80]] as [$x, $y]
            ) {
                yield "landmark/$position->value/$x/$y" => Landmark::of($position, Point::of($x, $y), $rules, 2.7);
            }
        }
        foreach ([0.4, 3.1, 22.0, 23.1, 55.5] as $feet) {
            yield "paces/$feet" => [
                Paces::inFeet($feet, 2.6),
                Paces::inFeet($feet, 2.6)->count(),
                Paces::inFeet($feet, 3.0)->isZero(),
            ];
        }
        $line = Segment::of(Point::of(0, 0), Point::of(30, 40));
        foreach ([[10, 0], [50, 20], [-5, -5], [18, 24]] as [$x, $y]) {
            $other = Segment::of(Point::of($x, $y), Point::of(5, 30));
            yield "segment/$x/$y" => [
                $line->distanceTo(Point::of($x, $y)),
                $line->distanceToSegment($other),
                $line->crosses($other),
            ];
        }
        [$from, $to] = [Point::polar(90, -20), Point::of(12, 33)];
        yield 'points' => [
            $from,
            $from->distanceTo($to),
            $from->sprayDegrees(),
            $from->toward($to, 8),
            $from->between($to, 0.3),
            $from->plus(1, -2),
        ];
    }
}
