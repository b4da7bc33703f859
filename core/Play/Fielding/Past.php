<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Fielding;

/** What becomes of a ground ball that gets through the infield: a single, or by where it goes a double (ours). */
final class Past
{
    /** Degrees from straight away: from here on down the line all of the share, and where it has faded to none. */
    private const LINE = 41.0;
    private const LINE_FADES = 36.0;
    /** Of balls down a line, and of those in a gap of the outfield, that are doubles. */
    private const DOWN_THE_LINE = 0.7;
    private const IN_THE_GAP = 0.08;
    /** Degrees of the middle of a gap, and to where it reaches on both sides. */
    private const GAP = 13.5;
    private const GAP_REACHES = 6.0;

    /** @return float the share of doubles, 0 to 1 */
    public static function doubles(float $degrees): float
    {
        $away = abs($degrees);
        $line = ($away - self::LINE_FADES) / (self::LINE - self::LINE_FADES);
        $gap = 1 - abs($away - self::GAP) / self::GAP_REACHES;

        return self::DOWN_THE_LINE * min(1.0, max(0.0, $line)) + self::IN_THE_GAP * max(0.0, $gap);
    }
}
