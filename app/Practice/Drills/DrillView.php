<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Drills;

use FoxCorner\App\Shared\Drawing\Window;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Ground\Place;
use FoxCorner\Core\Practice\Ground\PlaceMark;
use FoxCorner\Core\Practice\Showing\Repetition;
use FoxCorner\Core\Practice\Showing\Spots;

/** A drill as it is drawn: where everybody stands, and one repetition as keyframes, y as a screen has it. */
final readonly class DrillView implements \JsonSerializable
{
    /** Height by width of the drawing. */
    private const SHAPE = 500 / 692;
    /** By what they take, around everybody who has a part; ft wide at least (ours). */
    private const ROOM = 1.5;
    private const LEAST = 44.0;
    /** Where open ground is drawn, in base paths from home. */
    private const OPEN = 1.9;

    /**
     * @param array<string, PlaceMark> $marks  where everybody stands at first, by sign
     * @param Point                    $offset ft by which open ground is drawn away from home
     */
    private function __construct(
        public Place $place,
        public array $marks,
        public ?Repetition $repetition,
        public Point $offset,
        public Window $window,
    ) {}

    public static function of(Drill $drill, RuleSet $rules, ?Repetition $repetition): self
    {
        $place = $drill->place->on($rules->diamond());
        $offset = Point::of(0.0, $drill->place->isMovable ? self::OPEN * $rules->basePath : 0.0);
        $points = [$place->center];
        foreach ($place->marks as $mark) {
            $points[] = $mark->point;
        }
        foreach ($place->lanes as $lane) {
            array_push($points, $lane->from, $lane->to);
        }
        foreach ($repetition->legs ?? [] as $leg) {
            array_push($points, $leg->start, $leg->end);
        }
        $shown = array_map(static fn(Point $one): Point => $one->plus($offset->x, $offset->y), $points);

        return new self(
            $place,
            Spots::of($drill, $rules->diamond())->marks,
            $repetition,
            $offset,
            Window::around($shown, self::ROOM, self::LEAST, self::SHAPE),
        );
    }

    /**
     * @return array{
     *     length: float,
     *     held: list<array{float, float}>,
     *     tracks: array<int|string, list<array{float, float, float}>>,
     *     events: list<array{t: float, words: string}>,
     * }
     */
    public function jsonSerialize(): array
    {
        $legs = $this->repetition->legs ?? [];
        $tracks = $events = [];
        $held = [[-1.0, 0.0]];
        foreach ($legs as $leg) {
            $who = $leg->way->isOfTheBall() ? 'ball' : $leg->from;
            $before = $tracks[$who] ?? [];
            if ('ball' === $who && [] !== $before) {
                $held[] = [$before[array_key_last($before)][0], round($leg->begins, 3)];
            }
            $tracks[$who] = [...$before, self::frame($leg->begins, $leg->start), self::frame($leg->ends, $leg->end)];
            $events[] = ['t' => round($leg->begins, 3), 'words' => $leg->words()];
        }
        usort($events, static fn(array $a, array $b): int => $a['t'] <=> $b['t']);

        return [
            'length' => round($this->repetition?->seconds() ?? 0.0, 2),
            'held' => $held,
            'tracks' => $tracks,
            'events' => $events,
        ];
    }

    /** @return array{float, float, float} */
    private static function frame(float $seconds, Point $point): array
    {
        return [round($seconds, 3), round($point->x, 2) + 0.0, round(-$point->y, 2) + 0.0];
    }
}
