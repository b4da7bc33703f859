<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\FirstThird;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Running\BatterSide;
use FoxCorner\Core\Play\Scheme\Branch;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\CoverageLine;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\RunnersJob;

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
                if ($school->job() === $job->key()) {
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
            array_push($jobs, RunnersJob::takeThrow($base), Job::cover($base), Job::backUp($base));
        }

        return [
            ...$jobs,
            RunnersJob::cutShort(Base::Second),
            RunnersJob::duck(),
            RunnersJob::cutAsPitcher(),
            ...RunnersJob::catchers(),
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
                    School::ToPitcher === $school ? RunnersJob::cutAsPitcher() : RunnersJob::duck(),
                ),
                CoverageLine::always(Position::Catcher, Job::ofKey($school->job())),
                CoverageLine::always(Position::FirstBase, Job::cover(Base::First)),
                ...self::middle($school),
                CoverageLine::always(
                    Position::ThirdBase,
                    School::FeintThird === $school ? RunnersJob::takeThrow(Base::Third) : Job::cover(Base::Third),
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
                CoverageLine::always(Position::SecondBase, RunnersJob::cutShort(Base::Second)),
                CoverageLine::always(Position::Shortstop, RunnersJob::takeThrow(Base::Second)),
            ];
        }
        $left = BatterSide::Left->branch();
        $right = [BatterSide::Right->branch(), BatterSide::RightPull->branch()];

        return [
            CoverageLine::in(Position::SecondBase, RunnersJob::takeThrow(Base::Second), ...$right),
            CoverageLine::in(Position::SecondBase, Job::backUp(Base::Second), $left),
            CoverageLine::in(Position::Shortstop, RunnersJob::takeThrow(Base::Second), $left),
            CoverageLine::in(Position::Shortstop, Job::backUp(Base::Second), ...$right),
        ];
    }
}
