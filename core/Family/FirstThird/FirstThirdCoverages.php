<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\FirstThird;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Running\BatterSide;
use FoxCorner\Core\Play\Scheme\Branch;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\CoverageLine;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\Verb;

/** What is called with runners on first and third, as shipped: one coverage for each school. */
final class FirstThirdCoverages
{
    /** @return list<Coverage> */
    public static function all(): array
    {
        return array_map(self::drawn(...), School::cases());
    }

    /** What the catcher is told to do in a coverage; through, where it does not say. */
    public static function school(Coverage $coverage, Branch $branch): School
    {
        foreach ($coverage->jobs($branch)[Position::Catcher->value] ?? [] as $job) {
            foreach (School::cases() as $school) {
                if ($school->verb() === $job->verb) {
                    return $school;
                }
            }
        }

        return School::Through;
    }

    /** @return list<Job> */
    public static function tasks(): array
    {
        $jobs = [];
        foreach (Base::cases() as $base) {
            array_push($jobs, Verb::TakeThrow->at($base), Job::cover($base), Job::backUp($base));
        }

        return [
            ...$jobs,
            Verb::CutShort->at(Base::Second),
            Verb::Duck->job(),
            Verb::CutAsPitcher->job(),
            ...array_map(static fn(School $school): Job => $school->verb()->job(), School::cases()),
        ];
    }

    private static function drawn(School $school): Coverage
    {
        return new Coverage(
            'first-third-' . $school->value,
            $school->label(),
            $school->label(),
            $school->reason(),
            [Bases::FirstThird],
            [Position::Catcher],
            [
                CoverageLine::always(
                    Position::Pitcher,
                    School::ToPitcher === $school ? Verb::CutAsPitcher->job() : Verb::Duck->job(),
                ),
                CoverageLine::always(Position::Catcher, $school->verb()->job()),
                CoverageLine::always(Position::FirstBase, Job::cover(Base::First)),
                ...self::middle($school),
                CoverageLine::always(
                    Position::ThirdBase,
                    School::FeintThird === $school ? Verb::TakeThrow->at(Base::Third) : Job::cover(Base::Third),
                ),
                CoverageLine::always(Position::LeftField, Job::backUp(Base::Third)),
                CoverageLine::always(Position::CenterField, Job::backUp(Base::Second)),
                CoverageLine::always(Position::RightField, Job::backUp(Base::Second)),
            ],
        );
    }

    /** @return list<CoverageLine> */
    private static function middle(School $school): array
    {
        if (School::ReadCut === $school || School::ShortCut === $school) {
            return [
                CoverageLine::always(Position::SecondBase, Verb::CutShort->at(Base::Second)),
                CoverageLine::always(Position::Shortstop, Verb::TakeThrow->at(Base::Second)),
            ];
        }
        $left = BatterSide::Left->branch();
        $right = [BatterSide::Right->branch(), BatterSide::RightPull->branch()];

        return [
            CoverageLine::in(Position::SecondBase, Verb::TakeThrow->at(Base::Second), ...$right),
            CoverageLine::in(Position::SecondBase, Job::backUp(Base::Second), $left),
            CoverageLine::in(Position::Shortstop, Verb::TakeThrow->at(Base::Second), $left),
            CoverageLine::in(Position::Shortstop, Job::backUp(Base::Second), ...$right),
        ];
    }
}
