<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Rundown;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Scheme\Branch;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\CoverageLine;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\Verb;

/** Who receives and who fills when a runner is caught between two bases, as shipped. */
final class RundownCoverages
{
    private const BETWEEN = 'between';

    /** @return list<Coverage> the usual one first; none when nobody is on */
    public static function for(Bases $bases): array
    {
        return [] === $bases->occupied()
            ? []
            : [
                self::drawn(
                    'rundown',
                    'Pitcher fills',
                    'The two at the bags run him, the pitcher and the nearest infielder fill behind them; whoever ' .
                        'has thrown peels off out of the lane and follows his throw.',
                    $bases,
                    true,
                ),
                self::drawn(
                    'rundown-pitcher-out',
                    'Pitcher stays out',
                    'The infield does it alone and an outfielder comes in to fill: a pitcher who must not be run ' .
                        'into stays by the mound.',
                    $bases,
                    false,
                ),
            ];
    }

    public static function branch(Base $from): Branch
    {
        $to = $from->next() ?? Base::Home;

        return Branch::when(self::BETWEEN, $from->word(), "he is between {$from->word()} and {$to->word()}");
    }

    /** @return list<Branch> */
    public static function branches(): array
    {
        return array_map(self::branch(...), [Base::First, Base::Second, Base::Third]);
    }

    /** @return list<Job> */
    public static function tasks(): array
    {
        $jobs = [];
        foreach (Base::cases() as $base) {
            array_push($jobs, Verb::Receive->at($base), Verb::Fill->at($base), Job::cover($base), Job::backUp($base));
        }

        return [...$jobs, Verb::Ready->job()];
    }

    private static function drawn(string $key, string $name, string $reason, Bases $bases, bool $pitcherFills): Coverage
    {
        $lines = [];
        foreach ([Base::First, Base::Second, Base::Third] as $from) {
            foreach (self::jobs($from, $pitcherFills) as $number => $job) {
                $lines[] = CoverageLine::in(Position::from($number), $job, self::branch($from));
            }
        }

        return new Coverage($key, $name, $name, $reason, [$bases], Position::INFIELDERS, $lines);
    }

    /** @return array<int, Job> by position number */
    private static function jobs(Base $from, bool $pitcherFills): array
    {
        $filled = $pitcherFills;

        return match ($from) {
            Base::First => [
                1 => $filled ? Verb::Fill->at(Base::First) : Verb::Ready->job(),
                2 => Job::cover(Base::Home),
                3 => Verb::Receive->at(Base::First),
                4 => Verb::Receive->at(Base::Second),
                5 => Job::cover(Base::Third),
                6 => Verb::Fill->at(Base::Second),
                7 => Job::backUp(Base::Third),
                8 => Job::backUp(Base::Second),
                9 => $filled ? Job::backUp(Base::First) : Verb::Fill->at(Base::First),
            ],
            Base::Second => [
                1 => $filled ? Verb::Fill->at(Base::Third) : Verb::Ready->job(),
                2 => Job::cover(Base::Home),
                3 => Job::cover(Base::First),
                4 => Verb::Fill->at(Base::Second),
                5 => Verb::Receive->at(Base::Third),
                6 => Verb::Receive->at(Base::Second),
                7 => $filled ? Job::backUp(Base::Third) : Verb::Fill->at(Base::Third),
                8 => Job::backUp(Base::Second),
                9 => Job::backUp(Base::First),
            ],
            default => [
                1 => $filled ? Verb::Fill->at(Base::Home) : Verb::Ready->job(),
                2 => Verb::Receive->at(Base::Home),
                3 => $filled ? Job::cover(Base::First) : Verb::Fill->at(Base::Home),
                4 => Job::cover(Base::Second),
                5 => Verb::Receive->at(Base::Third),
                6 => Verb::Fill->at(Base::Third),
                7 => Job::backUp(Base::Third),
                8 => Job::backUp(Base::Second),
                9 => $filled ? Job::backUp(Base::Second) : Job::cover(Base::First),
            ],
        };
    }
}
