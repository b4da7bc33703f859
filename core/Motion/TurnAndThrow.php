<?php

declare(strict_types=1);

namespace FoxCorner\Core\Motion;

use FoxCorner\Core\Field\Point;

/**
 * What it takes a running fielder to stop, turn and throw somewhere else than where he runs: nothing straight
 * ahead, all of it the way he came, half of it across; in proportion to his speed.
 */
final class TurnAndThrow
{
    /**
     * @param Point $from   where he started
     * @param Point $at     where he has the ball
     * @param float $share  of his top speed at that moment, 0 to 1
     * @param Point $target where he throws
     * @param float $whole  seconds lost at top speed when he throws back the way he came
     */
    public static function seconds(Point $from, Point $at, float $share, Point $target, float $whole): float
    {
        $run = $from->distanceTo($at);
        $throw = $at->distanceTo($target);
        if ($run < 1.0 || $throw < 1.0) {
            return 0.0;
        }
        $cosine = (($at->x - $from->x) * ($target->x - $at->x) + ($at->y - $from->y) * ($target->y - $at->y)) / ($run * $throw);

        return $whole * $share * (1 - $cosine) / 2;
    }
}
