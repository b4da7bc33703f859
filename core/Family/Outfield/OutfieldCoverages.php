<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Scheme\Branch;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\CoverageLine;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\Verb;

/** Who goes where on balls to the outfield, as shipped: one coverage for each school. */
final class OutfieldCoverages
{
    /** ft of base path up to which one throw mostly reaches: the second man stays at the bag there (ours). */
    private const ONE_THROW = 65.0;

    /** @return list<Coverage> the usual one first */
    public static function for(Bases $bases, RuleSet $rules): array
    {
        $schools = [
            self::school(
                'outfield',
                'First baseman cuts home',
                'The first baseman is the cutoff for every throw home, the second baseman takes first; two go out ' .
                    'when an outfielder turns his back; on a single with nobody to throw out the pitcher stays by ' .
                    'the mound.',
                $bases,
                new School(false, true, false),
            ),
            self::school(
                'outfield-by-side',
                'Cutoff home by side',
                'The third baseman cuts throws home from left and the shortstop takes third; the first baseman ' .
                    'cuts the others: ' .
                    'a shorter way to the line from left, and first stays covered.',
                $bases,
                new School(true, true, false),
            ),
            self::school(
                'outfield-behind-a-bag',
                'Pitcher always behind a bag',
                'As the first, but the pitcher backs up second on an ordinary single too: one rule for every hit.',
                $bases,
                new School(false, true, true),
            ),
            self::school(
                'outfield-at-the-bag',
                'Second man at the bag',
                'One man goes out for the throw, the other stays at second: enough where one throw or one relay ' .
                    'reaches every ' .
                    'base, as on small fields.',
                $bases,
                new School(false, false, false),
            ),
        ];

        return $rules->basePath <= self::ONE_THROW ? [array_pop($schools), ...$schools] : $schools;
    }

    /** @return list<Branch> on what it depends: who has it, on which side, and what kind of ball it is */
    public static function branches(): array
    {
        $branches = [];
        foreach (BallKind::cases() as $ball) {
            foreach (self::places() as [$fielder, $side]) {
                $branches[] = self::branch($ball, $fielder, $side);
            }
        }

        return $branches;
    }

    public static function branch(BallKind $ball, Position $fielder, Side $side): Branch
    {
        $where = Position::CenterField === $fielder ? ", on the $side->value" : '';

        return Branch::fieldedBy($fielder)
            ->and($side->branch())
            ->and($ball->branch())
            ->saying("$fielder->value has " . $ball->one() . $where);
    }

    /** @return list<Job> */
    public static function tasks(): array
    {
        $jobs = [];
        foreach ([Verb::Cover, Verb::ComeIn, Verb::BackUp, Verb::Cut, Verb::LastCut, Verb::Trail] as $verb) {
            array_push($jobs, ...Job::atEach($verb));
        }
        foreach ([Verb::Converge, Verb::Follow, Verb::BehindBall, Verb::ReadThenBehind, Verb::Ready] as $verb) {
            $jobs[] = $verb->job();
        }

        return $jobs;
    }

    private static function school(string $key, string $name, string $reason, Bases $bases, School $school): Coverage
    {
        $arrangement = new Arrangement($bases, $school);
        $lines = [];
        foreach (BallKind::cases() as $ball) {
            foreach (self::places() as [$fielder, $side]) {
                $branch = self::branch($ball, $fielder, $side);
                foreach ($arrangement->jobs($ball, $fielder, $side) as $number => $job) {
                    $lines[$number . $job->key()][] = [Position::from($number), $job, $branch];
                }
            }
        }

        return new Coverage(
            $key,
            $name,
            $name,
            $reason,
            [$bases],
            Position::OUTFIELD,
            array_values(
                array_map(
                    static fn(array $same): CoverageLine => CoverageLine::in(
                        $same[0][0],
                        $same[0][1],
                        ...array_column($same, 2),
                    ),
                    $lines,
                ),
            ),
        );
    }

    /** @return list<array{Position, Side}> */
    private static function places(): array
    {
        return [
            [Position::LeftField, Side::Left],
            [Position::CenterField, Side::Left],
            [Position::CenterField, Side::Right],
            [Position::RightField, Side::Right],
        ];
    }
}
