<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\CoverageLine;
use FoxCorner\Core\Play\Scheme\Job;

/**
 * A plan with fewer different jobs for each player, as a young team can remember: what each does seldom he does as he
 * does it mostly. What is lost by it is reckoned, not guessed.
 */
final readonly class Simpler
{
    private const FIELD = 'field';

    /**
     * @param list<array{int, string, string, int}> $dropped   who, which job, what he does instead, on how many balls
     * @param float                                 $lost      by an average ball, in runs or chance to lose
     * @param int                                   $uncovered balls on which a bag that a runner can reach is now empty
     * @param list<Coverage>                        $coverages the simpler ones, in the order of the defences
     */
    private function __construct(
        public int $limit,
        public array $dropped,
        public float $lost,
        public int $uncovered,
        public array $coverages,
    ) {}

    /**
     * @param non-empty-list<OutfieldDefence> $defences one for each situation
     * @param int                             $limit    jobs that a player shall have at most, the ball included
     */
    public static function of(array $defences, int $limit): self
    {
        $counts = IdleCheck::together(array_map(IdleCheck::of(...), $defences))->jobs;
        $instead = $dropped = [];
        foreach ($counts as $number => $jobs) {
            $keys = array_keys($jobs);
            // The ball itself is always somebody's.
            usort(
                $keys,
                static fn(string $a, string $b): int => [self::FIELD === $b, $jobs[$b]] <=> [
                    self::FIELD === $a,
                    $jobs[$a],
                ],
            );
            $kept = \array_slice($keys, 0, $limit);
            $usual = array_values(array_diff($kept, [self::FIELD]))[0] ?? null;
            if (null === $usual) {
                continue;
            }
            foreach (\array_slice($keys, $limit) as $key) {
                $instead[$number][$key] = Job::ofKey($usual);
                $dropped[] = [$number, $key, $usual, $jobs[$key]];
            }
        }
        $lost = 0.0;
        $balls = $uncovered = 0;
        $coverages = [];
        foreach ($defences as $defence) {
            $coverages[] = $simple = self::simplified($defence->coverage, $instead);
            $other = new OutfieldDefence($defence->setting->scene, $simple);
            foreach (SixtyBalls::of($defence->setting->rules) as $trial) {
                [$before, $after] = [$defence->play($trial), $other->play($trial)];
                $lost += $after->made()->cost - $before->made()->cost;
                $uncovered += (int) ($after->isOpen() && !$before->isOpen());
                ++$balls;
            }
        }

        return new self($limit, $dropped, $lost / $balls, $uncovered, $coverages);
    }

    /** @param array<int, array<string, Job>> $instead by position number and the job's key */
    private static function simplified(Coverage $coverage, array $instead): Coverage
    {
        $lines = array_map(
            static fn(CoverageLine $line): CoverageLine => isset($instead[$line->who->value][$line->job->key()])
                ? CoverageLine::in($line->who, $instead[$line->who->value][$line->job->key()], ...$line->when)
                : $line,
            $coverage->lines,
        );

        return new Coverage(
            $coverage->key,
            $coverage->name,
            $coverage->call,
            $coverage->reason,
            $coverage->bases,
            $coverage->fielders,
            $lines,
        );
    }
}
