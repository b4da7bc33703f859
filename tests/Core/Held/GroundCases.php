<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Held;

use FoxCorner\Core\Alignment\Landmark;
use FoxCorner\Core\Alignment\OutfieldSpot;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Paces;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Segment;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\People\Position;

/** The ground: rule sets, fences, points and lines, and how a spot is called by what is seen there. */
final class GroundCases
{
    private const SPOTS = [[-70, 70], [-30, 118], [20, 140], [2, 250], [80, 81], [150, 210], [-45, 160], [95, 80]];

    /** @return iterable<string, array<string, mixed>> */
    public static function all(): iterable
    {
        foreach (ShippedRuleSets::all() as $key => $rules) {
            $diamond = $rules->diamond();
            yield "$key bags" => [
                'ft' => array_map($diamond->at(...), Base::cases()),
                'plate ft' => $diamond->pitchersPlate(),
                'bunts on' => $rules->buntSurface(),
                'innings' => $rules->innings,
                'skin ft' => $rules->skinRadius,
            ];
            yield "$key fence" => [
                'at -60 -40 -11 3 30 44 deg ft' => array_map($rules->fence->distanceAt(...), [
                    -60.0,
                    -40.0,
                    -11.0,
                    3.0,
                    30.0,
                    44.0,
                ]),
                'farthest ft' => $rules->fence->farthest(),
            ];
        }
        $rules = ShippedRuleSets::get('baseball-90');
        foreach (Position::cases() as $position) {
            foreach (self::SPOTS as [$x, $y]) {
                $words = Landmark::of($position, Point::of($x, $y), $rules, 2.7);
                yield "$position->value at $x $y ft" => ['seen' => $words];
            }
        }
        foreach ([0.4, 3.1, 22.0, 23.1, 55.5] as $feet) {
            yield "$feet ft in paces" => [
                'of 2.6 ft' => Paces::inFeet($feet, 2.6)->count(),
                'none of 3 ft' => Paces::inFeet($feet, 3.0)->isZero(),
            ];
        }
        $fence = ShippedRuleSets::get('fastpitch-43')->fence;
        foreach ([[-80.0, 150.0, -27.0], [10.0, 190.0, 0.0], [95.0, 140.0, 27.0]] as [$x, $y, $straight]) {
            $spot = OutfieldSpot::at(Point::of($x, $y), $straight, $fence);
            yield "outfielder at $x $y ft" => [
                'paces of 2.5 ft' => $spot->inPaces(2.5),
                'feet' => $spot->inFeet(),
                'ft' => $spot->point(),
            ];
        }
        yield from self::lines();
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function lines(): iterable
    {
        $line = Segment::of(Point::of(0, 0), Point::of(30, 40));
        foreach ([[10, 0], [50, 20], [-5, -5], [18, 24]] as [$x, $y]) {
            $other = Segment::of(Point::of($x, $y), Point::of(5, 30));
            yield "line and $x $y ft" => [
                'point ft' => $line->distanceTo(Point::of($x, $y)),
                'other ft' => $line->distanceToSegment($other),
                'crosses' => $line->crosses($other),
            ];
        }
        [$from, $to] = [Point::polar(90, -20), Point::of(12, 33)];
        yield 'from 90 ft at -20 deg' => [
            'ft' => $from,
            'away ft' => $from->distanceTo($to),
            'deg' => $from->sprayDegrees(),
            'toward ft' => $from->toward($to, 8),
            'between ft' => $from->between($to, 0.3),
            'plus ft' => $from->plus(1, -2),
        ];
    }
}
