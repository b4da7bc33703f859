<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\Play\Ball\Possession;
use FoxCorner\Core\Play\Choice\ThrowOption;

/** Why a throw comes out as it does: where its seconds go, on a true throw, and what can go wrong with it. */
final class Because
{
    /** s by which whoever takes the throw must be later than the ball to be the reason (ours). */
    private const LATE = 0.05;
    /** Chance from which on nothing is said of what can go wrong. */
    private const SURE = 0.95;

    /**
     * "4 has it after 2.3 s, lets go 1.0 s later, the ball is there at 4.1 s: R1 needs 4.4 s. Fielded clean 90 times in
     * 100.".
     *
     * @return string|null null where nobody has hit the ball, or it is thrown at nobody
     */
    public static function of(Timeline $play): ?string
    {
        [$leg, $made] = [$play->legs[0], $play->called()];
        $isAtNobody = [] !== $play->ends && null === $play->thrownAt;
        if (
            null === $play->setting->batter ||
            $isAtNobody ||
            null === $made->cover ||
            !is_finite($made->outAt) ||
            !is_finite($made->runnerThere)
        ) {
            return null;
        }
        $who =
            'Batter' === $leg->runner() && null === $play->thrownAt
                ? 'the batter'
                : str_replace('batter', 'the batter', $play->thrownAt ?? $leg->runner());
        $late = $made->coverLate();
        $isTrue = $made->margin() > 0.0;
        $reasons = [
            \sprintf('%s: %s needs %.1f s', self::way($leg->from, $made), $who, $made->runnerThere),
            $late > self::LATE ? \sprintf('%d is there %.1f s after the ball', $made->cover->value, $late) : null,
            $leg->from->clean < self::SURE
                ? \sprintf('Fielded clean %d times in 100', round(100 * $leg->from->clean))
                : null,
            $isTrue && $made->inHand < self::SURE
                ? \sprintf('Once it is in hand it comes out right %d times in 100', round(100 * $made->inHand))
                : null,
        ];

        return implode('. ', array_filter($reasons)) . '.';
    }

    private static function way(Possession $from, ThrowOption $made): string
    {
        $who = $from->by->position->value;
        if ($made->cover === $from->by->position) {
            return \sprintf(
                '%d has it after %.1f s and is there himself at %.1f s',
                $who,
                $from->seconds,
                $made->outAt,
            );
        }

        return \sprintf(
            '%d has it after %.1f s, lets go %.1f s later, the ball is there at %.1f s',
            $who,
            $from->seconds,
            $made->released - $from->seconds,
            $made->ballThere,
        );
    }
}
