<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Pickoff;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Running\BatterSide;
use FoxCorner\Core\Play\Running\PickKind;
use FoxCorner\Core\Play\Scheme\Branch;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\CoverageLine;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\Verb;

/** Who holds the runners and who is behind the throw, as shipped: one coverage for each school. */
final class HoldCoverages
{
    private const AT = 'at';
    private const FEINT = ['how', 'wheel-feint'];

    /** @return list<Coverage> the usual one first; none where nobody may be thrown behind */
    public static function for(Bases $bases, RuleSet $rules): array
    {
        if ([] === Picks::open($bases, $rules)) {
            return [];
        }

        return [
            self::drawn(
                'hold-by-batter',
                'Hold by the batter',
                'A right-hander bats: the second baseman holds the runner on second and the shortstop plays. A ' .
                    'left-hander: the other way. The hole that the batter hits at stays filled.',
                $bases,
                [BatterSide::Right, BatterSide::RightPull],
                [BatterSide::Left],
            ),
            self::drawn(
                'hold-shortstop',
                'Shortstop holds',
                'The shortstop holds always, but for a right-hander who pulls hard: then his hole is worth more. He ' .
                    'faces the runner and is nearer to third when he goes.',
                $bases,
                [BatterSide::RightPull],
                [BatterSide::Right, BatterSide::Left],
            ),
        ];
    }

    public static function branch(PickKind $kind, Base $base, BatterSide $side): Branch
    {
        return match (true) {
            PickKind::WheelFeint === $kind => self::feint(),
            Base::Second === $base => self::at($base)->and($side->branch()),
            default => self::at($base),
        };
    }

    /** @return list<Branch> */
    public static function branches(): array
    {
        return [
            self::at(Base::First),
            ...array_map(
                static fn(BatterSide $side): Branch => self::branch(PickKind::Timed, Base::Second, $side),
                BatterSide::cases(),
            ),
            self::feint(),
            self::at(Base::Third),
        ];
    }

    /** @return list<Job> */
    public static function tasks(): array
    {
        $jobs = [];
        foreach (Base::cases() as $base) {
            array_push($jobs, Verb::Hold->at($base), Job::cover($base), Job::backUp($base));
        }

        return $jobs;
    }

    private static function at(Base $base): Branch
    {
        return Branch::when(self::AT, $base->word(), "it is thrown to {$base->word()}");
    }

    private static function feint(): Branch
    {
        return self::at(Base::Second)
            ->and(Branch::when(self::FEINT[0], self::FEINT[1], 'the wheel is feinted'))
            ->saying('6 feints the wheel');
    }

    /**
     * @param list<BatterSide> $four sides with which the second baseman holds second
     * @param list<BatterSide> $six  those with which the shortstop does
     */
    private static function drawn(
        string $key,
        string $name,
        string $reason,
        Bases $bases,
        array $four,
        array $six,
    ): Coverage {
        [$first, $third] = [self::at(Base::First), self::at(Base::Third)];
        $second = static fn(BatterSide $side): Branch => self::branch(PickKind::Timed, Base::Second, $side);
        $with4 = array_map($second, $four);
        $with6 = array_map($second, $six);
        $atSecond = [...$with4, ...$with6, self::feint()];

        return new Coverage(
            $key,
            $name,
            $name,
            $reason,
            [$bases],
            [Position::Pitcher, Position::Catcher],
            [
                CoverageLine::always(Position::Pitcher, Job::cover(Base::Home)),
                CoverageLine::always(Position::Catcher, Job::cover(Base::Home)),
                CoverageLine::in(Position::FirstBase, Verb::Hold->at(Base::First), $first),
                CoverageLine::in(Position::FirstBase, Job::cover(Base::First), $third, ...$atSecond),
                CoverageLine::in(Position::SecondBase, Verb::Hold->at(Base::Second), self::feint(), ...$with4),
                CoverageLine::in(Position::SecondBase, Job::backUp(Base::Second), ...$with6),
                CoverageLine::in(Position::SecondBase, Job::backUp(Base::First), $first),
                CoverageLine::in(Position::SecondBase, Job::cover(Base::Second), $third),
                CoverageLine::in(Position::ThirdBase, Verb::Hold->at(Base::Third), $third),
                CoverageLine::in(Position::ThirdBase, Job::cover(Base::Third), $first, ...$with4, ...$with6),
                CoverageLine::in(Position::ThirdBase, Job::backUp(Base::Third), self::feint()),
                CoverageLine::in(Position::Shortstop, Verb::Hold->at(Base::Second), ...$with6),
                CoverageLine::in(Position::Shortstop, Job::backUp(Base::Second), ...$with4),
                CoverageLine::in(Position::Shortstop, Job::cover(Base::Third), self::feint()),
                CoverageLine::in(Position::Shortstop, Job::cover(Base::Second), $first),
                CoverageLine::in(Position::Shortstop, Job::backUp(Base::Third), $third),
                CoverageLine::always(Position::LeftField, Job::backUp(Base::Third)),
                CoverageLine::always(Position::CenterField, Job::backUp(Base::Second)),
                CoverageLine::in(Position::RightField, Job::backUp(Base::First), $first, $third),
                CoverageLine::in(Position::RightField, Job::backUp(Base::Second), ...$atSecond),
            ],
        );
    }
}
