<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Steal;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Running\BatterSide;
use FoxCorner\Core\Play\Scheme\Branch;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\CoverageLine;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\Verb;

/** Who takes the throw when a runner goes, as shipped: one coverage for each school. */
final class StealCoverages
{
    /** @return list<Coverage> the usual one first */
    public static function for(Bases $bases, RuleSet $rules): array
    {
        if ([] === $bases->occupied() || Bases::FirstThird === $bases) {
            return [];
        }
        $byBatter = self::drawn(
            'steal-by-batter',
            'Second base by the batter',
            'A right-hander hits to short: the second baseman takes the throw. A left-hander: the shortstop. Whoever ' .
                'plays stays in his hole until the ball is by the batter.',
            $bases,
            self::middle([BatterSide::Right, BatterSide::RightPull], [BatterSide::Left]),
        );
        $short = self::drawn(
            'steal-shortstop',
            'Shortstop always',
            'The shortstop takes every throw at second: one rule, and the second baseman is free for the bunt. The ' .
                'hole at short is open as he goes.',
            $bases,
            self::middle([], BatterSide::cases()),
        );
        $second = self::drawn(
            'steal-second-baseman',
            'Second baseman always',
            'The second baseman takes every throw: the shortstop keeps the hole where most balls go.',
            $bases,
            self::middle(BatterSide::cases(), []),
        );

        if (!$rules->sport->isSoftball()) {
            return [$byBatter, $short, $second];
        }

        return $bases->has(Base::Second) && !$bases->has(Base::Third)
            ? [$short, $byBatter, $second, self::shortAtThird($bases)]
            : [$short, $byBatter, $second];
    }

    private static function shortAtThird(Bases $bases): Coverage
    {
        return self::drawn(
            'steal-third-shortstop',
            'Shortstop at third',
            'For a third baseman who plays far in and would be late: the shortstop takes the throw at third, the ' .
                'second baseman the one at second.',
            $bases,
            [
                CoverageLine::always(Position::Shortstop, Verb::TakeThrow->at(Base::Third)),
                CoverageLine::always(Position::SecondBase, Verb::TakeThrow->at(Base::Second)),
                CoverageLine::always(Position::ThirdBase, Job::backUp(Base::Third)),
            ],
        );
    }

    /** @return list<Job> */
    public static function tasks(): array
    {
        $jobs = [];
        foreach (Base::cases() as $base) {
            array_push($jobs, Verb::TakeThrow->at($base), Job::cover($base), Job::backUp($base));
        }

        return [...$jobs, Verb::Duck->job()];
    }

    /**
     * @param list<BatterSide> $four when the second baseman takes it
     * @param list<BatterSide> $six  when the shortstop does
     *
     * @return list<CoverageLine>
     */
    private static function middle(array $four, array $six): array
    {
        $lines = [];
        foreach ([[Position::SecondBase, $four, $six], [Position::Shortstop, $six, $four]] as [$who, $takes, $other]) {
            if ([] !== $takes) {
                $lines[] = CoverageLine::in($who, Verb::TakeThrow->at(Base::Second), ...self::sides($takes));
            }
            if ([] !== $other) {
                $lines[] = CoverageLine::in($who, Job::backUp(Base::Second), ...self::sides($other));
            }
        }

        return $lines;
    }

    /**
     * @param list<BatterSide> $sides
     *
     * @return list<Branch>
     */
    private static function sides(array $sides): array
    {
        return array_map(static fn(BatterSide $side): Branch => $side->branch(), $sides);
    }

    /** @param list<CoverageLine> $middle who is at second; who of them is at third stands in for the third baseman */
    private static function drawn(string $key, string $name, string $reason, Bases $bases, array $middle): Coverage
    {
        $isHome = $bases->has(Base::Third);
        $third = CoverageLine::always(Position::ThirdBase, Verb::TakeThrow->at(Base::Third));

        return new Coverage(
            $key,
            $name,
            $name,
            $reason,
            [$bases],
            [Position::Pitcher, Position::Catcher],
            [
                CoverageLine::always(Position::Pitcher, Verb::Duck->job()),
                CoverageLine::always(Position::Catcher, Verb::TakeThrow->at(Base::Home)),
                CoverageLine::always(Position::FirstBase, $isHome ? Job::backUp(Base::Home) : Job::cover(Base::First)),
                ...$middle,
                ...[] === array_filter($middle, static fn(CoverageLine $one): bool => Position::ThirdBase === $one->who)
                    ? [$third]
                    : [],
                CoverageLine::always(Position::LeftField, Job::backUp(Base::Third)),
                CoverageLine::always(Position::CenterField, Job::backUp(Base::Second)),
                CoverageLine::always(Position::RightField, Job::backUp($isHome ? Base::First : Base::Second)),
            ],
        );
    }
}
