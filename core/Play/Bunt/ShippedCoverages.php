<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Bunt;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Job;

/** The bunt coverages that come with the program. */
final class ShippedCoverages
{
    /** @return list<BuntCoverage> for a runner on first, the usual one first */
    public static function runnerOnFirst(): array
    {
        return [self::cornersCrash(), self::firstStays()];
    }

    public static function cornersCrash(): BuntCoverage
    {
        [$one, $two, $three, $five] = [Position::Pitcher, Position::Catcher, Position::FirstBase, Position::ThirdBase];

        return new BuntCoverage(
            'corners-crash',
            'Corners crash',
            'Crash',
            'Four go for the ball, so a bunt in front of the plate gives the lead out; third is open until somebody turns back.',
            [$one, $two, $three, $five],
            [
                CoverageLine::when($one, Job::cover(Base::Home, 'Home, the catcher has left it'), $two, $five),
                CoverageLine::when($one, Job::converge(), $three),
                CoverageLine::when($two, Job::cover(Base::Third, 'Call the base, then third'), $five),
                CoverageLine::when($two, Job::cover(Base::Home, 'Call the base, stay home'), $one, $three),
                CoverageLine::when($three, Job::converge(), $one, $two, $five),
                CoverageLine::always(Position::SecondBase, Job::cover(Base::First)),
                CoverageLine::when($five, Job::turnBack(Base::Third), $one, $two, $three),
                CoverageLine::always(Position::Shortstop, Job::cover(Base::Second)),
                ...self::outfield(),
            ],
        );
    }

    public static function firstStays(): BuntCoverage
    {
        [$one, $two, $five] = [Position::Pitcher, Position::Catcher, Position::ThirdBase];

        return new BuntCoverage(
            'first-stays',
            'First stays',
            'Stay',
            'Every bag is covered by its neighbour and a fake bunt moves nobody; the first-base line belongs to the pitcher alone.',
            [$one, $two, $five],
            [
                CoverageLine::when($one, Job::cover(Base::Home, 'Home, the catcher has left it'), $two),
                CoverageLine::when($one, Job::converge(), $five),
                CoverageLine::when($two, Job::cover(Base::Home, 'Call the base, stay home'), $one, $five),
                CoverageLine::always(Position::FirstBase, Job::cover(Base::First)),
                CoverageLine::always(Position::SecondBase, Job::cover(Base::Second)),
                CoverageLine::when($five, Job::converge(), $one, $two),
                CoverageLine::always(Position::Shortstop, Job::cover(Base::Third)),
                ...self::outfield(),
            ],
        );
    }

    /** @return list<CoverageLine> every outfielder behind a bag */
    private static function outfield(): array
    {
        return [
            CoverageLine::always(Position::LeftField, Job::backUp(Base::Third)),
            CoverageLine::always(Position::CenterField, Job::backUp(Base::Second)),
            CoverageLine::always(Position::RightField, Job::backUp(Base::First)),
        ];
    }
}
