<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range\Fly;

use FoxCorner\Core\Field\Fence;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\FlyKind;
use FoxCorner\Core\Motion\HangTimes;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\PositionGroup;
use FoxCorner\Core\Play\Ball\Retrieval;
use FoxCorner\Core\Play\Cast\Cast;
use FoxCorner\Core\Play\Cast\CastMember;

/** Hang time against who arrives, over the fair ground: where nobody does, and where two may meet. */
final readonly class FlyMap
{
    /** ft between the spots of the grid. */
    private const GRID = 12.0;
    private const NEAREST = 30.0;
    /** s; who arrive this close together may meet. Source: the project's model. */
    public const TOGETHER = Retrieval::TOGETHER;
    /** Share of the level's hardest hit that is looked at. */
    private const HARDEST = 1.0;
    /** s by which one jump after a ball differs from another (ours). */
    public const JUMPS = 0.25;

    /**
     * @param list<FlySpot> $spots
     * @param list<FlyZone> $open   where balls fall, the largest first
     * @param list<FlyZone> $shared where fielders may meet, the largest first
     */
    private function __construct(public FlyKind $kind, public array $spots, public array $open, public array $shared) {}

    public static function of(GameState $state, LevelProfile $level, Cast $cast, FlyKind $kind): self
    {
        $rules = $state->rules;
        $spray = FlySpray::of($state->context);
        $hang = HangTimes::of($kind, Ball::for($rules->sport), self::HARDEST * $level->hardHitSpeed);
        $spots = [];
        $widest = $rules->fence->farthest();
        for ($y = self::GRID; $y <= $widest; $y += self::GRID) {
            for ($x = -self::GRID * floor($y / self::GRID); $x <= $y; $x += self::GRID) {
                $point = Point::of($x, $y);
                $feet = $point->distanceTo(Point::home());
                $seconds =
                    $feet < self::NEAREST || $feet >= $rules->fence->distanceAt($point->sprayDegrees())
                        ? null
                        : $hang->secondsTo($feet);
                if (null !== $seconds) {
                    $spots[] = self::spot($point, $seconds, $cast, $level, $spray->weight($point, $hang->farthest()));
                }
            }
        }
        $open = array_values(array_filter($spots, static fn(FlySpot $spot): bool => $spot->falls()));
        $shared = array_values(array_filter($spots, static fn(FlySpot $spot): bool => [] !== $spot->sharing));

        return new self(
            $kind,
            $spots,
            self::zones($open, static fn(FlySpot $spot): array => $spot->nearest, \count($spots), $rules->fence),
            self::zones($shared, static fn(FlySpot $spot): array => $spot->sharing, \count($spots), $rules->fence),
        );
    }

    /** Of this batter's balls of the kind the share that somebody reaches; who is just late does so now and then. */
    public function caughtShare(): float
    {
        $all = $reached = 0.0;
        foreach ($this->spots as $spot) {
            $all += $spot->weight;
            $reached += $spot->weight * OutChance::ofMargin(-$spot->late, self::JUMPS);
        }

        return $all > 0.0 ? $reached / $all : 1.0;
    }

    /** One ball that comes down there after so many s, fair or foul. */
    public static function at(Point $point, float $hang, Cast $cast, LevelProfile $level): FlySpot
    {
        return self::spot($point, $hang, $cast, $level, 1.0);
    }

    private static function spot(Point $point, float $hang, Cast $cast, LevelProfile $level, float $weight): FlySpot
    {
        $arrivals = [];
        foreach (Position::cases() as $position) {
            $arrivals[$position->value] = self::arrival($cast->at($position), $point, $level);
        }
        asort($arrivals);
        $positions = array_map(Position::from(...), array_keys($arrivals));
        $there = array_values(
            array_filter($positions, static fn(Position $position): bool => $arrivals[$position->value] <= $hang),
        );
        $first = $arrivals[$positions[0]->value];
        // Who is there early waits; they meet when both arrive as the ball does, or one right behind the other.
        $sharing = array_values(
            array_filter(
                $there,
                static fn(Position $position): bool => $arrivals[$position->value] - $first <= self::TOGETHER,
            ),
        );

        return new FlySpot(
            $point,
            $hang,
            $there,
            \count($sharing) > 1 ? $sharing : [],
            \array_slice($positions, 0, 2),
            $first - $hang,
            $weight,
        );
    }

    /**
     * Everybody reads a ball in the air before going, as an outfielder does; the pitcher has also to come out of the
     * delivery.
     */
    private static function arrival(CastMember $who, Point $point, LevelProfile $level): float
    {
        $motion = $level->motion;
        $read =
            PositionGroup::Outfield === $who->position->group()
                ? $motion->outfieldReaction
                : max($motion->outfieldReaction, $who->reaction);

        return $read + $who->legs->secondsFor(max(0.0, $who->start->distanceTo($point) - $motion->reach));
    }

    /**
     * @param list<FlySpot>                     $spots
     * @param callable(FlySpot): list<Position> $between
     *
     * @return list<FlyZone>
     */
    private static function zones(array $spots, callable $between, int $all, Fence $fence): array
    {
        $groups = [];
        foreach ($spots as $spot) {
            $positions = $between($spot);
            usort($positions, static fn(Position $a, Position $b): int => $a->value <=> $b->value);
            $groups[
                implode(' ', array_map(static fn(Position $position): int => $position->value, $positions))
            ][] = $spot;
        }
        $zones = [];
        foreach ($groups as $numbers => $found) {
            $hangs = array_map(static fn(FlySpot $spot): float => $spot->hang, $found);
            $points = array_map(static fn(FlySpot $spot): Point => $spot->point, $found);
            $zones[] = new FlyZone(
                array_map(static fn(string $number): Position => Position::from((int) $number), explode(' ', $numbers)),
                \count($points),
                \count($points) / $all,
                Point::of(
                    array_sum(array_map(static fn(Point $point): float => $point->x, $points)) / \count($points),
                    array_sum(array_map(static fn(Point $point): float => $point->y, $points)) / \count($points),
                ),
                min($hangs),
                max($hangs),
                min(
                    array_map(
                        static fn(Point $point): float => $fence->distanceAt($point->sprayDegrees()) -
                            $point->distanceTo(Point::home()),
                        $points,
                    ),
                ),
            );
        }
        usort($zones, static fn(FlyZone $a, FlyZone $b): int => $b->spots <=> $a->spots);

        return $zones;
    }
}
