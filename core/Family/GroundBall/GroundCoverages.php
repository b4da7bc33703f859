<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\CoverageLine;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\Verb;

/**
 * Who covers and who backs up on ground balls, as shipped: the school that sends the pitcher to first on balls to the
 * first baseman, and the one that sends the second baseman.
 */
final class GroundCoverages
{
    private const P1 = Position::Pitcher;
    private const P2 = Position::Catcher;
    private const P3 = Position::FirstBase;
    private const P4 = Position::SecondBase;
    private const P5 = Position::ThirdBase;
    private const P6 = Position::Shortstop;

    /** @return list<Coverage> the usual one first */
    public static function for(Bases $bases, Sport $sport): array
    {
        $schools = [self::pitcherCovers($bases), self::secondCovers($bases)];

        return $sport->isSoftball() ? array_reverse($schools) : $schools;
    }

    private static function pitcherCovers(Bases $bases): Coverage
    {
        return new Coverage(
            'ground',
            'Pitcher covers first',
            'Ground',
            'The pitcher breaks to first on everything to his left; the second baseman plays the ball.',
            Bases::cases(),
            Position::INFIELD,
            [
                CoverageLine::when(self::P1, Job::cover(Base::First), self::P3),
                CoverageLine::when(self::P4, Verb::Converge->job('Behind the ball'), self::P3),
                ...self::shared($bases),
            ],
        );
    }

    private static function secondCovers(Bases $bases): Coverage
    {
        return new Coverage(
            'ground-second',
            'Second baseman covers first',
            'Ground, four',
            'When the first baseman has it, the second baseman takes the throw at first: for pitchers who are slow ' .
                'off the mound, and in softball.',
            Bases::cases(),
            Position::INFIELD,
            [
                CoverageLine::when(self::P4, Job::cover(Base::First), self::P3),
                CoverageLine::when(self::P1, Job::backUp(Base::Home), self::P3),
                ...self::shared($bases),
            ],
        );
    }

    /** @return list<CoverageLine> */
    private static function shared(Bases $bases): array
    {
        $scoring = $bases->has(Base::Second) || $bases->has(Base::Third);
        $free = match (true) {
            $scoring => Job::backUp(Base::Home),
            $bases->has(Base::First) => Job::backUp(Base::Third),
            default => Verb::Converge->job('Behind the ball'),
        };
        $out = [Position::LeftField, Position::CenterField, Position::RightField];

        return [
            // First, and who covers second from the other side of the ball.
            CoverageLine::when(
                self::P3,
                Job::cover(Base::First),
                self::P1,
                self::P2,
                self::P4,
                self::P5,
                self::P6,
                ...$out,
            ),
            CoverageLine::when(self::P4, Job::cover(Base::Second), self::P5, self::P6, Position::LeftField),
            CoverageLine::when(
                self::P6,
                Job::cover(Base::Second),
                self::P1,
                self::P2,
                self::P3,
                self::P4,
                Position::CenterField,
                Position::RightField,
            ),
            CoverageLine::when(self::P4, Verb::Converge->job('Behind the ball'), self::P1, self::P2),
            CoverageLine::when(
                self::P4,
                Verb::Converge->job('Out, for the relay'),
                Position::CenterField,
                Position::RightField,
            ),
            CoverageLine::when(self::P6, Verb::Converge->job('Out, for the relay'), Position::LeftField),
            // Third, and home.
            CoverageLine::when(
                self::P5,
                Job::cover(Base::Third),
                self::P1,
                self::P2,
                self::P3,
                self::P4,
                self::P6,
                ...$out,
            ),
            // His bag is far from short: he is late for a runner who goes at once.
            CoverageLine::when(self::P6, Verb::ComeIn->at(Base::Third, 'Third, behind him'), self::P5),
            CoverageLine::when(
                self::P2,
                Job::cover(Base::Home),
                self::P1,
                self::P3,
                self::P4,
                self::P5,
                self::P6,
                ...$out,
            ),
            CoverageLine::when(self::P1, Job::cover(Base::Home), self::P2),
            // The pitcher, when first is somebody else's: behind the bag where a run could come from.
            CoverageLine::when(self::P1, $free, self::P4, self::P6, ...$out),
            CoverageLine::when(
                self::P1,
                $scoring ? Job::backUp(Base::Home) : Verb::Converge->job('Behind the ball'),
                self::P5,
            ),
            // The outfield behind the bags; whoever has the ball out there does nothing else.
            CoverageLine::always(Position::LeftField, Job::backUp(Base::Third)),
            CoverageLine::always(Position::CenterField, Job::backUp(Base::Second)),
            CoverageLine::always(Position::RightField, Job::backUp(Base::First)),
        ];
    }
}
