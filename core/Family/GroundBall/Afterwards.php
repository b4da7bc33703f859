<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Play\Clock\Timeline;

/** What belongs to an out besides the throw: the look before it, and the runner who has gone too far after it. */
enum Afterwards: string
{
    /** Out at second with first and second taken and the ball too slow for two. */
    case FeintAndLook = 'feint-and-look';
    /** An out elsewhere while a runner on third need not go. */
    case LookBack = 'look-back';
    /** A throw home that the runner need not wait for. */
    case RunAtHim = 'run-at-him';

    /** @return self|null null when there is nothing but the throw */
    public static function of(Timeline $play): ?self
    {
        $state = $play->setting->state;
        $bases = $state->situation->bases;
        $called = $play->called()->base;
        $isForcedHome = $bases->has(Base::First) && $bases->has(Base::Second);

        return match (true) {
            !$state->hasFewerThanTwoOuts() || $play->isForTwo() => null,
            Base::Second === $called && $bases->has(Base::First) && $bases->has(Base::Second) => self::FeintAndLook,
            !$bases->has(Base::Third) || $isForcedHome => null,
            Base::Home === $called => self::RunAtHim,
            default => self::LookBack,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::FeintAndLook => 'Then feint to first, look at third: the runner from second may be too far off.',
            self::LookBack => 'Look the runner on third back first; if he goes with the throw, it comes home.',
            self::RunAtHim => 'If he stops between, run straight at him, ball up; throw ahead of him, to third.',
        };
    }
}
