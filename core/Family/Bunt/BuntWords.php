<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Bunt;

use FoxCorner\Core\Motion\RollingBall;

/** A bunt in a helper's words: where to, and how hard. */
final class BuntWords
{
    public static function of(RollingBall $ball): string
    {
        $where = match (true) {
            $ball->sprayDegrees <= -30.0 => 'along the third-base line',
            $ball->sprayDegrees <= -10.0 => 'between the mound and third',
            $ball->sprayDegrees < 10.0 => 'straight at the mound',
            $ball->sprayDegrees < 30.0 => 'between the mound and first',
            default => 'along the first-base line',
        };
        $how = match (true) {
            $ball->restDistance() < 22.0 => 'Dead',
            $ball->restDistance() < 40.0 => 'Well placed',
            default => 'Firm',
        };

        return \sprintf('%s, %s: it rests %d ft out.', $how, $where, round($ball->restDistance()));
    }
}
