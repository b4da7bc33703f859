<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

/** Where on its way one fielder would best take each of many ground balls, and what that is worth. */
final readonly class GroundReach
{
    public const NEVER = -1.0;

    /**
     * @param list<float> $along ft from home where he would take it, by direction times speeds, in one row
     * @param list<float> $saves what he saves of the cost of everybody safe, before what others make of his misplays
     */
    private function __construct(public GroundFielder $who, public array $along, public array $saves) {}

    /**
     * @param list<BallWay> $ways    from the slowest ball to the fastest
     * @param list<float>   $sines   of the directions
     * @param list<float>   $cosines
     */
    public static function of(ReachSearch $search, array $ways, array $sines, array $cosines): self
    {
        $along = $saves = [];
        foreach ($sines as $direction => $sine) {
            foreach ($search->along($ways, $sine, $cosines[$direction]) as [$feet, $saved]) {
                $along[] = $feet;
                $saves[] = $saved;
            }
        }

        return new self($search->who, $along, $saves);
    }

    /**
     * Who saves most on a ball, and who of those farther along its way saves most when he misses it.
     *
     * @param array<int, self> $reaches by position number
     *
     * @return array{int, int} position numbers; 0: nobody
     */
    public static function foremost(array $reaches, int $index): array
    {
        [$first, $most] = [0, 0.0];
        foreach ($reaches as $number => $reach) {
            if ($reach->saves[$index] > $most) {
                [$first, $most] = [$number, $reach->saves[$index]];
            }
        }
        if (0 === $first) {
            return [0, 0];
        }
        [$second, $most, $along] = [0, 0.0, $reaches[$first]->along[$index]];
        foreach ($reaches as $number => $reach) {
            if ($reach->along[$index] > $along && $reach->saves[$index] > $most) {
                [$second, $most] = [$number, $reach->saves[$index]];
            }
        }

        return [$first, $second];
    }
}
