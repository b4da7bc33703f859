<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Bunt;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Scheme\CoverageLine;
use FoxCorner\Core\Play\Scheme\Job;

/** Who does what in most of the shipped coverages, in groups. */
final class UsualLines
{
    private const P1 = Position::Pitcher;
    private const P2 = Position::Catcher;
    private const P3 = Position::FirstBase;
    private const P5 = Position::ThirdBase;
    private const P7 = Position::LeftField;
    private const P8 = Position::CenterField;
    private const P9 = Position::RightField;

    /** @return list<CoverageLine> the catcher has home, and the pitcher when the catcher has the ball */
    public static function home(): array
    {
        return [
            CoverageLine::when(self::P1, Job::cover(Base::Home, 'Home, the catcher has left it'), self::P2),
            CoverageLine::when(
                self::P2,
                Job::cover(Base::Home, 'Call the base, stay home'),
                self::P1,
                self::P3,
                self::P5,
            ),
        ];
    }

    /** @return list<CoverageLine> pitcher and first baseman go to the ball whoever has it */
    public static function converging(): array
    {
        return [
            CoverageLine::when(self::P1, Job::converge(), self::P3, self::P5),
            CoverageLine::when(self::P3, Job::converge(), self::P1, self::P2, self::P5),
        ];
    }

    /** @return list<CoverageLine> the third baseman goes back to his bag; when he has the ball, left field has it */
    public static function thirdFallsBack(): array
    {
        return [
            CoverageLine::when(self::P5, Job::turnBack(Base::Third), self::P1, self::P2, self::P3),
            CoverageLine::when(self::P7, Job::cover(Base::Third), self::P5),
            CoverageLine::when(self::P7, Job::backUp(Base::Third), self::P1, self::P2, self::P3),
        ];
    }

    /** @return list<CoverageLine> every outfielder behind a bag */
    public static function outfieldBehindBags(): array
    {
        return [
            CoverageLine::always(self::P7, Job::backUp(Base::Third)),
            CoverageLine::always(self::P8, Job::backUp(Base::Second)),
            CoverageLine::always(self::P9, Job::backUp(Base::First)),
        ];
    }

    /** @return list<CoverageLine> center comes in to second, the others are behind the corners */
    public static function outfieldOneIn(): array
    {
        return [
            CoverageLine::always(self::P7, Job::backUp(Base::Third)),
            CoverageLine::always(self::P8, Job::comeIn(Base::Second)),
            CoverageLine::always(self::P9, Job::backUp(Base::First)),
        ];
    }
}
