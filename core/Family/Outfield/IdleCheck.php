<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Scheme\JobKind;

/** Whether anybody stands still on any of sixty balls, and how many different jobs each has. */
final readonly class IdleCheck
{
    /** ft; whoever goes less far stands, and then needs a job that is done standing. */
    private const STANDS = 2.0;

    /**
     * @param int                            $balls that were tried
     * @param list<array{int, string}>       $idle  position number, and on which ball
     * @param array<int, array<string, int>> $jobs  by position number: on how many balls each job is asked, most first
     */
    private function __construct(public int $balls, public array $idle, public array $jobs) {}

    public static function of(OutfieldDefence $defence): self
    {
        $trials = SixtyBalls::of($defence->setting->rules);
        $idle = $jobs = [];
        foreach ($trials as $trial) {
            $play = $defence->play($trial);
            foreach (Position::cases() as $position) {
                $number = $position->value;
                if ($position === $play->ball->by->position) {
                    $jobs[$number]['field'] = ($jobs[$number]['field'] ?? 0) + 1;
                    continue;
                }
                $job = $play->jobs[$number][0] ?? null;
                if (null === $job || (self::isRun($job->kind) && $play->stands($position, $job, self::STANDS))) {
                    $idle[] = [$number, $trial->words()];
                }
                if (null !== $job) {
                    $jobs[$number][$job->key()] = ($jobs[$number][$job->key()] ?? 0) + 1;
                }
            }
        }
        ksort($jobs);

        return new self(\count($trials), $idle, array_map(self::mostFirst(...), $jobs));
    }

    /** @param non-empty-list<self> $checks of several situations, with the same nine */
    public static function together(array $checks): self
    {
        $sum = $checks[0];
        foreach (\array_slice($checks, 1) as $check) {
            $sum = $sum->and($check);
        }

        return $sum;
    }

    /** Whether nobody does a job where he happens to stand; bags and lines may be there. */
    private static function isRun(JobKind $kind): bool
    {
        return JobKind::Cover !== $kind && JobKind::Cut !== $kind;
    }

    /** @param self $other of another situation, with the same nine */
    public function and(self $other): self
    {
        $jobs = $this->jobs;
        foreach ($other->jobs as $number => $counts) {
            foreach ($counts as $key => $count) {
                $jobs[$number][$key] = ($jobs[$number][$key] ?? 0) + $count;
            }
        }

        return new self(
            $this->balls + $other->balls,
            [...$this->idle, ...$other->idle],
            array_map(self::mostFirst(...), $jobs),
        );
    }

    /**
     * @param array<string, int> $counts
     *
     * @return array<string, int>
     */
    private static function mostFirst(array $counts): array
    {
        arsort($counts);

        return $counts;
    }
}
