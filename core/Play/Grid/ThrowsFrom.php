<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

use FoxCorner\Core\Motion\Giving;

/** What each out that a fielder can go for takes him from where he has a ball. */
final class ThrowsFrom
{
    /**
     * @param list<Goal> $goals
     * @param float      $x     ft, where he has it
     *
     * @return list<array{float, float, float, float, float, float}> for each goal: the share of the exchange; s in the
     *                                                               air and for turning around; how much he must turn
     *                                                               if he runs; how far he throws, in the steps of the
     *                                                               table of catches; s on his own feet; how much
     *                                                               farther it is as good as when he throws running
     */
    public static function of(GroundFielder $who, array $goals, float $x, float $y): array
    {
        [$dx, $dy] = [$x - $who->x, $y - $who->y];
        $run = sqrt($dx * $dx + $dy * $dy);
        $share = $who->run->share($run - $who->level->motion->reach);
        $throws = [];
        foreach ($goals as $goal) {
            [$tx, $ty] = [$goal->x - $x, $goal->y - $y];
            $feet = sqrt($tx * $tx + $ty * $ty);
            $ahead = $run > 0.0 && $feet > 0.0 ? ($dx * $tx + $dy * $ty) / ($run * $feet) : 1.0;
            $throws[] = [
                $feet <= Giving::FEED_UP_TO ? Giving::FEED_EXCHANGE : 1.0,
                $who->flight($feet) + ($tx * $who->armSide > 0.0 ? $who->handTurn($tx / $feet, $feet) : 0.0),
                ($share * (1 - $ahead)) / 2,
                $feet / Goal::EVERY,
                $feet < GroundPlays::CARRIES ? $who->run->seconds($feet) : \INF,
                (Giving::MOVING * $share * $feet) / Goal::EVERY,
            ];
        }

        return $throws;
    }
}
