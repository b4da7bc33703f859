<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Map;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Play\Cast\CastMember;

/** The balls of a map that are one fielder's, in his own paces from where he starts, as he faces home. */
final readonly class HisGround
{
    /** Paces between the arcs that are drawn. */
    public const EVERY = 5;

    /**
     * @param non-empty-list<MapSpot> $spots
     * @param Point                   $start where he stands before the pitch
     * @param float                   $pace  ft
     * @param array{int, int}         $front paces toward home, the nearest and the farthest; negative: behind him
     * @param array{int, int}         $side  paces to his right, as far as it goes to his left (negative) and right
     */
    private function __construct(
        public array $spots,
        public Point $start,
        public float $pace,
        public array $front,
        public array $side,
    ) {}

    /** @return self|null null where none is his */
    public static function of(PlayMap $map, CastMember $who): ?self
    {
        $spots = array_values(
            array_filter($map->spots, static fn(MapSpot $spot): bool => $spot->by === $who->position),
        );
        $far = $who->start->distanceTo(Point::home());
        if ([] === $spots || $far < 1.0) {
            return null;
        }
        $pace = $who->player->traits->pace();
        [$toX, $toY] = [-$who->start->x / $far, -$who->start->y / $far];
        $front = $side = [];
        foreach ($spots as $spot) {
            [$x, $y] = [($spot->at->x - $who->start->x) / $pace, ($spot->at->y - $who->start->y) / $pace];
            $front[] = (int) round($x * $toX + $y * $toY);
            $side[] = (int) round($x * $toY - $y * $toX);
        }

        return new self($spots, $who->start, $pace, [min($front), max($front)], [min($side), max($side)]);
    }

    /** "Yours: from 2 in front to 11 in front; 3 to your left, 1 to your right." */
    public function words(): string
    {
        $paces = static fn(int $front): string => $front < 0 ? abs($front) . ' paces behind you' : "$front in front";
        [$left, $right] = [max(0, -$this->side[0]), max(0, $this->side[1])];
        $sides = array_filter([$left > 0 ? "$left to your left" : null, $right > 0 ? "$right to your right" : null]);

        return \sprintf(
            'Yours: from %s to %s%s.',
            $paces($this->front[0]),
            $paces($this->front[1]),
            [] === $sides ? '' : '; ' . implode(', ', $sides),
        );
    }

    /** @return list<float> ft, of the arcs around him up to the farthest that is his */
    public function arcs(): array
    {
        $most = max(array_map(fn(MapSpot $spot): float => $spot->at->distanceTo($this->start), $this->spots));
        $every = self::EVERY * $this->pace;

        return range($every, $every * max(1.0, ceil($most / $every)), $every);
    }
}
