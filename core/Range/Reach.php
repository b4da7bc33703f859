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
    private function __construct(public CastMember $who, public array $looks) {}

    public static function of(CastMember $who, GroundBalls $balls, MotionProfile $motion): self
    {
        $table = self::table($who, $motion);
        $looks = [];
        for ($direction = 0; $direction < GroundBalls::DIRECTIONS; ++$direction) {
            array_push(
                $looks,
                ...self::along($who, $balls->sines[$direction], $balls->cosines[$direction], $table, $balls->seconds),
            );
        }

        return new self($who, $looks);
    }

    /**
     * The looks of one direction, by speed.
     *
     * A slower ball is met no later on its way than a faster one, so that each search goes on where the last one ended.
     *
     * @param list<float>       $table
     * @param list<list<float>> $seconds by speed, then look
     *
     * @return list<int>
     */
    private static function along(CastMember $who, float $sine, float $cosine, array $table, array $seconds): array
    {
        [$x, $y] = [$who->start->x, $who->start->y];
        $looks = [];
        $need = null;
        $look = 0;
        foreach ($seconds as $there) {
            for (; $look < GroundBalls::LOOKS; ++$look) {
                if (null === $need) {
                    $along = GroundBalls::FIRST_LOOK + GroundBalls::STEP * $look;
                    $dx = $along * $sine - $x;
                    $dy = $along * $cosine - $y;
                    $need = $table[(int) sqrt($dx * $dx + $dy * $dy)] ?? \INF;
                }
                if ($need <= $there[$look]) {
                    break;
                }
                $need = null;
            }
            // A ball that has stopped is reached by whoever comes first, never in time to matter.
            $looks[] = GroundBalls::LOOKS === $look || \INF === $there[$look] ? self::NEVER : $look;
        }

        return $looks;
    }

    /** @return list<float> seconds from contact until the fielder can have a ball so many feet away */
    private static function table(CastMember $who, MotionProfile $motion): array
    {
        $table = [];
        for ($feet = 0; $feet < self::FARTHEST; ++$feet) {
            $table[] = $who->reaction + $who->legs->secondsFor(max(0.0, $feet - $motion->reach));
        }

        return $table;
    }
}
