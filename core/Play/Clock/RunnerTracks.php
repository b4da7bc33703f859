<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Play\Scene\PlaySetting;

/** Where batter and runners are, each on the way to the next base. */
final class RunnerTracks
{
    /** @return array<string, Track> by "batter", "R1" … */
    public static function of(PlaySetting $setting): array
    {
        $batter = $setting->batter;
        $tracks = [];
        if (null !== $batter) {
            $tracks['batter'] = Track::standingAt(Point::home())->thenRuns(
                $setting->bag(Base::First),
                $batter->startDelay,
                $batter->legs,
            );
        }
        foreach ($setting->runners as $runner) {
            $next = $setting->bag($runner->base->next() ?? Base::Home);
            $off = $setting->bag($runner->base)->toward($next, $runner->lead);
            $standing = Track::standingAt($off);
            $tracks['R' . $runner->base->value] = $runner->stays()
                ? $standing
                : $standing->thenRuns($next, $runner->startDelay, $runner->legs);
        }

        return $tracks;
    }
}
