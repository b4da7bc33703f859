<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Bunt;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\CoverageLine;
use FoxCorner\Core\Play\Scheme\Job;

/** The bunt coverages that come with the program, for every state of the runners. */
final class ShippedCoverages
{
    private const P1 = Position::Pitcher;
    private const P2 = Position::Catcher;
    private const P3 = Position::FirstBase;
    private const P4 = Position::SecondBase;
    private const P5 = Position::ThirdBase;
    private const P6 = Position::Shortstop;
    private const P7 = Position::LeftField;
    private const P8 = Position::CenterField;
    private const P9 = Position::RightField;

    /** @return list<Coverage> the usual one first */
    public static function for(Bases $bases, Sport $sport): array
    {
        return match ($bases) {
            Bases::Empty => [self::cornersIn(), self::firstStaysNobodyOn()],
            Bases::First => [Crash::corners(), self::firstStays(Bases::First), Crash::changeAtFirst()],
            Bases::Second, Bases::FirstSecond => $sport->isSoftball()
                ? [self::shortAtThird($bases), self::thirdReads($bases), self::wheel($bases), self::wheelFeint($bases)]
                : [self::thirdReads($bases), self::wheel($bases), self::shortAtThird($bases), self::wheelFeint($bases)],
            Bases::Third => [self::shortAtThird(Bases::Third)],
            Bases::FirstThird => [self::firstStays(Bases::FirstThird), self::shortAtThird(Bases::FirstThird)],
            Bases::SecondThird, Bases::Loaded => [self::catcherStays($bases)],
        };
    }

    /**
     * Those that make sense with two out, when any out will do: nobody is sent away before the ball is hit.
     *
     * @param list<Coverage> $coverages
     *
     * @return list<Coverage>
     */
    public static function forAHit(array $coverages): array
    {
        return array_values(array_filter($coverages, static fn(Coverage $one): bool => [] === $one->early));
    }

    private static function cornersIn(): Coverage
    {
        return new Coverage(
            'corners-in',
            'Corners in',
            'In',
            'Four go for it and the middle has the bags; nobody on, so one out is all there is.',
            [Bases::Empty],
            [self::P1, self::P2, self::P3, self::P5],
            [
                ...UsualLines::home(),
                ...UsualLines::converging(),
                CoverageLine::always(self::P4, Job::cover(Base::First)),
                CoverageLine::always(self::P6, Job::cover(Base::Second)),
                ...UsualLines::thirdFallsBack(),
                CoverageLine::always(self::P8, Job::backUp(Base::Second)),
                CoverageLine::always(self::P9, Job::backUp(Base::First)),
            ],
        );
    }

    private static function firstStaysNobodyOn(): Coverage
    {
        return new Coverage(
            'first-stays',
            'First stays',
            'Stay',
            'First base waits at the bag and the throw never meets a running fielder; the first-base line belongs ' .
                'to the pitcher alone.',
            [Bases::Empty],
            [self::P1, self::P2, self::P5],
            [
                ...UsualLines::home(),
                CoverageLine::when(self::P1, Job::converge(), self::P5),
                CoverageLine::always(self::P3, Job::cover(Base::First)),
                CoverageLine::always(self::P4, Job::backUp(Base::First)),
                CoverageLine::always(self::P6, Job::cover(Base::Second)),
                ...UsualLines::thirdFallsBack(),
                CoverageLine::always(self::P8, Job::backUp(Base::Second)),
                CoverageLine::always(self::P9, Job::backUp(Base::First)),
            ],
        );
    }

    private static function firstStays(Bases $bases): Coverage
    {
        return new Coverage(
            'first-stays',
            'First stays',
            'Stay',
            Bases::First === $bases
                ? 'Every bag is covered by its neighbour and a fake bunt moves nobody; the first-base line ' .
                    'belongs to the pitcher alone.'
                : 'A fake bunt draws nobody away and the steal of second is met; the first-base line belongs to ' .
                    'the pitcher alone.',
            [$bases],
            [self::P1, self::P2, self::P5],
            [
                ...UsualLines::home(),
                CoverageLine::when(self::P1, Job::converge(), self::P5),
                CoverageLine::always(self::P3, Job::cover(Base::First)),
                CoverageLine::always(self::P4, Job::cover(Base::Second)),
                CoverageLine::when(self::P5, Job::converge(), self::P1, self::P2),
                CoverageLine::always(self::P6, Job::cover(Base::Third)),
                ...UsualLines::outfieldBehindBags(),
            ],
        );
    }

    private static function thirdReads(Bases $bases): Coverage
    {
        return new Coverage(
            'third-reads',
            'Third reads',
            'Read',
            'The third baseman stays for the force or the tag and comes only for what the pitcher cannot reach; ' .
                'the pitcher has the third-base line.',
            [$bases],
            [self::P1, self::P2, self::P3, self::P5],
            [
                ...UsualLines::home(),
                CoverageLine::when(self::P1, Job::converge(), self::P3, self::P5),
                CoverageLine::when(self::P3, Job::converge(), self::P1, self::P2, self::P5),
                CoverageLine::always(self::P4, Job::cover(Base::First)),
                CoverageLine::when(
                    self::P5,
                    Job::cover(Base::Third, 'Read it, then third'),
                    self::P1,
                    self::P2,
                    self::P3,
                ),
                CoverageLine::always(self::P6, Job::cover(Base::Second)),
                CoverageLine::when(self::P7, Job::cover(Base::Third, 'Third, he has left it'), self::P5),
                CoverageLine::when(self::P7, Job::backUp(Base::Third), self::P1, self::P2, self::P3),
                CoverageLine::always(self::P8, Job::backUp(Base::Second)),
                CoverageLine::always(self::P9, Job::backUp(Base::First)),
            ],
            reserve: [self::P5],
        );
    }

    /** Corners crash with somebody on second or third: the shortstop has third, center comes in for second. */
    private static function shortAtThird(Bases $bases): Coverage
    {
        return new Coverage(
            'corners-crash',
            'Corners crash',
            'Crash',
            match ($bases) {
                Bases::Third => 'Everybody comes for the squeeze; home and first are the plays.',
                Bases::FirstThird => 'The squeeze is met at the plate; second is open until center is in.',
                default => 'Four go for the ball and the shortstop has third; second is open until center is in.',
            },
            [$bases],
            [self::P1, self::P2, self::P3, self::P5],
            [
                ...UsualLines::home(),
                ...UsualLines::converging(),
                CoverageLine::always(self::P4, Job::cover(Base::First)),
                CoverageLine::when(self::P5, Job::converge(), self::P1, self::P2, self::P3),
                CoverageLine::always(self::P6, Job::cover(Base::Third)),
                ...UsualLines::outfieldOneIn(),
            ],
        );
    }

    private static function wheel(Bases $bases): Coverage
    {
        return new Coverage(
            'wheel',
            'Wheel',
            'Wheel',
            'The shortstop is at third before the runner: the lead out there. Second is open, so the bunt must ' .
                'come; called rarely.',
            [$bases],
            [self::P1, self::P2, self::P3, self::P5],
            [
                ...UsualLines::home(),
                ...UsualLines::converging(),
                CoverageLine::always(self::P4, Job::cover(Base::First)),
                CoverageLine::when(self::P5, Job::converge(), self::P1, self::P2, self::P3),
                CoverageLine::always(self::P6, Job::cover(Base::Third, 'Third, leaving before the pitch')),
                ...UsualLines::outfieldOneIn(),
            ],
            reserve: [self::P2],
            early: [self::P3, self::P5, self::P6],
        );
    }

    private static function wheelFeint(Bases $bases): Coverage
    {
        return new Coverage(
            'wheel-feint',
            'Wheel feint',
            'Show',
            'Shows the wheel and comes behind the runner at second; on a bunt only the sure out is there.',
            [$bases],
            [self::P1, self::P2, self::P5],
            [
                ...UsualLines::home(),
                CoverageLine::when(self::P1, Job::converge(), self::P5),
                CoverageLine::always(self::P3, Job::cover(Base::First)),
                CoverageLine::always(self::P4, Job::cover(Base::Second, 'Behind the runner at second')),
                CoverageLine::when(self::P5, Job::cover(Base::Third, 'Read it, then third'), self::P1, self::P2),
                CoverageLine::when(self::P6, Job::cover(Base::Third, 'Feint to third and stay'), self::P5),
                CoverageLine::when(self::P6, Job::backUp(Base::Third), self::P1, self::P2),
                ...UsualLines::outfieldBehindBags(),
            ],
            reserve: [self::P5],
            early: [self::P4, self::P6],
        );
    }

    private static function catcherStays(Bases $bases): Coverage
    {
        return new Coverage(
            'catcher-stays',
            'Catcher stays',
            'Home',
            'The plate is the play: pitcher and corners have the ball, the catcher only what dies in front of him.',
            [$bases],
            [self::P1, self::P2, self::P3, self::P5],
            [
                ...UsualLines::home(),
                ...UsualLines::converging(),
                CoverageLine::always(self::P4, Job::cover(Base::First)),
                CoverageLine::when(self::P5, Job::converge(), self::P1, self::P2, self::P3),
                CoverageLine::always(self::P6, Job::cover(Base::Third)),
                ...UsualLines::outfieldOneIn(),
            ],
            reserve: [self::P2],
        );
    }
}
