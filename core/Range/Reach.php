<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

use FoxCorner\Core\Motion\MotionProfile;
use FoxCorner\Core\Play\Cast\CastMember;

/**
 * Which ground balls one fielder gets to, and at which look along their way.
 *
 * A fielder's seconds to each distance are tabulated by the foot; the loop over the balls only looks up and compares.
 */
final readonly class Reach
{
    /** ft; farther no infielder goes for a ground ball. */
    private const FARTHEST = 140;
    /** In {@see self::$looks}: the ball is not reached. */
    public const NEVER = -1;

    /** @param list<int> $looks by direction times speeds, in one row */
    private function __construct(public CastMember $who, public array $looks)
    {
    }

    public static function of(CastMember $who, GroundBalls $balls, MotionProfile $motion): self
    {
        $table = self::table($who, $motion);
        $looks = [];
        for ($direction = 0; $direction < GroundBalls::DIRECTIONS; ++$direction) {
            $needed = self::needed($who, $balls->sines[$direction], $balls->cosines[$direction], $table);
            for ($speed = 0; $speed < GroundBalls::SPEEDS; ++$speed) {
                $seconds = $balls->seconds[$speed];
                $found = self::NEVER;
                foreach ($needed as $look => $need) {
                    if ($need <= $seconds[$look]) {
                        $found = $look;
                        break;
                    }
                }
                // A ball that has stopped is reached by whoever comes first, never in time to matter.
                $looks[] = self::NEVER !== $found && \INF === $seconds[$found] ? self::NEVER : $found;
            }
        }

        return new self($who, $looks);
    }

    /**
     * @param list<float> $table
     *
     * @return list<float> seconds needed to be at each look of one direction
     */
    private static function needed(CastMember $who, float $sine, float $cosine, array $table): array
    {
        [$x, $y] = [$who->start->x, $who->start->y];
        $needed = [];
        for ($look = 0; $look < GroundBalls::LOOKS; ++$look) {
            $along = GroundBalls::FIRST_LOOK + GroundBalls::STEP * $look;
            $dx = $along * $sine - $x;
            $dy = $along * $cosine - $y;
            $feet = (int) sqrt($dx * $dx + $dy * $dy);
            $needed[] = $feet >= self::FARTHEST ? \INF : $table[$feet];
        }

        return $needed;
    }

    /** @return list<float> seconds from contact until the fielder can have a ball so many feet away */
    private static function table(CastMember $who, MotionProfile $motion): array
    {
        $reaction = max($motion->infieldReaction, $who->reaction);
        $table = [];
        for ($feet = 0; $feet < self::FARTHEST; ++$feet) {
            $table[] = $reaction + $who->legs->secondsFor(max(0.0, $feet - $motion->reach));
        }

        return $table;
    }
}
