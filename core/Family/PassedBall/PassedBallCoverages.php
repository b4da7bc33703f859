<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\PassedBall;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\CoverageLine;
use FoxCorner\Core\Play\Scheme\Job;

/** The pitcher has home; who is behind the throw hangs on the side from which it comes, or is always the same. */
final class PassedBallCoverages
{
    private const BY_SIDE =
        'The catcher goes where the others point, the pitcher has the plate, and the corner across from the ball is ' .
        'behind the throw. Whoever leaves his bag has a neighbour for it.';
    private const ALWAYS =
        'One rule for both sides: the third baseman keeps his bag for a runner from second. From the first-base side ' .
        'nobody is in line with the throw for long.';

    /** @return list<Coverage> the usual one first; none with nobody on third */
    public static function for(Bases $bases): array
    {
        return $bases->has(Base::Third)
            ? [
                self::drawn('passed-ball-by-side', 'Behind by the side', self::BY_SIDE, true, $bases),
                self::drawn('passed-ball-first-behind', 'First baseman behind', self::ALWAYS, false, $bases),
            ]
            : [];
    }

    private static function drawn(string $key, string $name, string $reason, bool $bySide, Bases $bases): Coverage
    {
        $lines = [CoverageLine::always(Position::Pitcher, Job::cover(Base::Home, 'Point at it, then home, low'))];
        foreach (ToSide::cases() as $side) {
            $moves = $bySide && ToSide::First === $side;
            array_push(
                $lines,
                CoverageLine::in(
                    Position::FirstBase,
                    $moves ? Job::cover(Base::First) : Job::backUp(Base::Home),
                    $side->branch(),
                ),
                CoverageLine::in(
                    Position::ThirdBase,
                    $moves ? Job::backUp(Base::Home) : Job::cover(Base::Third),
                    $side->branch(),
                ),
                CoverageLine::in(Position::Shortstop, Job::cover($moves ? Base::Third : Base::Second), $side->branch()),
                CoverageLine::in(
                    Position::SecondBase,
                    Job::cover($moves ? Base::Second : Base::First),
                    $side->branch(),
                ),
            );
        }
        foreach ([7 => Base::Third, 8 => Base::Second, 9 => Base::First] as $number => $base) {
            $lines[] = CoverageLine::always(Position::from($number), Job::backUp($base));
        }

        return new Coverage($key, $name, 'Home', $reason, [$bases], [Position::Catcher], $lines);
    }
}
