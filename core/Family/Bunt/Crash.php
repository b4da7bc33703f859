<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Bunt;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\CoverageLine;
use FoxCorner\Core\Play\Scheme\Job;

/** Four go for the ball with a runner on first: the second baseman has first, or the first baseman turns back to it. */
final class Crash
{
    private const P1 = Position::Pitcher;
    private const P2 = Position::Catcher;
    private const P3 = Position::FirstBase;
    private const P4 = Position::SecondBase;
    private const P5 = Position::ThirdBase;

    public static function corners(): Coverage
    {
        return self::of(
            'corners-crash',
            'Corners crash',
            'Crash',
            'Four go for the ball, so a bunt in front of the plate gives the lead out; third is open until ' .
                'somebody turns back.',
            [
                CoverageLine::when(self::P3, Job::converge(), self::P1, self::P2),
                CoverageLine::always(self::P4, Job::cover(Base::First)),
            ],
        );
    }

    public static function changeAtFirst(): Coverage
    {
        return self::of(
            'change-at-first',
            'Change at first',
            'Change',
            'First and second baseman change places when the pitcher has it: one turns back to the bag that he ' .
                'knows, the other is behind the throw. Both say who has the bag.',
            [
                CoverageLine::when(self::P3, Job::turnBack(Base::First), self::P1),
                CoverageLine::when(self::P3, Job::converge(), self::P2),
                CoverageLine::when(self::P4, Job::backUp(Base::First), self::P1),
                CoverageLine::when(self::P4, Job::cover(Base::First), self::P2, self::P3, self::P5),
            ],
        );
    }

    /** @param list<CoverageLine> $right what the right side does */
    private static function of(string $key, string $name, string $call, string $reason, array $right): Coverage
    {
        return new Coverage(
            $key,
            $name,
            $call,
            $reason,
            [Bases::First],
            [self::P1, self::P2, self::P3, self::P5],
            [
                CoverageLine::when(
                    self::P1,
                    Job::cover(Base::Home, 'Home, the catcher has left it'),
                    self::P2,
                    self::P5,
                ),
                CoverageLine::when(self::P1, Job::converge(), self::P3),
                CoverageLine::when(self::P2, Job::cover(Base::Third, 'Call the base, then third'), self::P5),
                CoverageLine::when(self::P2, Job::cover(Base::Home, 'Call the base, stay home'), self::P1, self::P3),
                CoverageLine::when(self::P3, Job::backUp(Base::First), self::P5),
                ...$right,
                CoverageLine::when(self::P5, Job::turnBack(Base::Third), self::P1, self::P2, self::P3),
                CoverageLine::always(Position::Shortstop, Job::cover(Base::Second)),
                ...UsualLines::outfieldBehindBags(),
            ],
        );
    }
}
