<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Build;

use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Ground\Place;

/** Where the stations of a practice are: by the bags, on open ground, or where the coach has put them. */
final readonly class Placement
{
    /**
     * @param array<string, Place> $places by the drill's key
     * @param array<string, Point> $shifts feet from where each belongs
     */
    private function __construct(public array $places, public array $shifts) {}

    /**
     * @param array<string, Drill> $drills
     * @param array<string, Point> $byHand shifts in feet that the coach has chosen
     */
    public static function of(array $drills, Diamond $diamond, FieldPart $part, array $byHand = []): self
    {
        $places = $shifts = [];
        foreach ($drills as $key => $drill) {
            $moves = $drill->place->isMovable || FieldPart::Hall === $part;
            if (isset($byHand[$key]) || !$moves) {
                $shifts[$key] = $byHand[$key] ?? Point::home();
                $places[$key] = $drill->place->on($diamond, $shifts[$key]);
            }
        }
        foreach (array_diff_key($drills, $places) as $key => $drill) {
            $shifts[$key] = self::spot($drill, $diamond, $part, $places);
            $places[$key] = $drill->place->on($diamond, $shifts[$key]);
        }

        // In the order of the drills, so that the numbers on the map are those of the list.
        $order = array_flip(array_keys($drills));
        uksort($places, static fn(string $a, string $b): int => $order[$a] <=> $order[$b]);

        return new self($places, $shifts);
    }

    /** @return list<Conflict> stations that cannot run at the same time */
    public function conflicts(): array
    {
        $conflicts = [];
        $keys = array_keys($this->places);
        foreach ($keys as $index => $one) {
            foreach (\array_slice($keys, $index + 1) as $other) {
                $why = $this->places[$one]->ground()->conflict($this->places[$other]->ground());
                if (null !== $why) {
                    $conflicts[] = new Conflict($one, $other, $why);
                }
            }
        }

        return $conflicts;
    }

    /**
     * The first open spot where nobody is in the way, or the one with the fewest.
     *
     * @param array<string, Place> $places
     */
    private static function spot(Drill $drill, Diamond $diamond, FieldPart $part, array $places): Point
    {
        [$best, $least] = [Point::home(), \PHP_INT_MAX];
        foreach ($part->spots() as [$x, $y]) {
            $shift = Point::of(
                ($x - $drill->place->center[0]) * $diamond->basePath,
                ($y - $drill->place->center[1]) * $diamond->basePath,
            );
            $ground = $drill->place->on($diamond, $shift)->ground();
            $inTheWay = \count(
                array_filter($places, static fn(Place $place): bool => $ground->conflictsWith($place->ground())),
            );
            if ($inTheWay < $least) {
                [$best, $least] = [$shift, $inTheWay];
            }
        }

        return $best;
    }
}
