<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Scheme\Branch;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Job;

/** What one player is told of a coverage: the first step, and the job in each branch. */
final readonly class PlayerTold
{
    /**
     * @param string                $start    "charges", "cover second, or back up first"
     * @param string|null           $yours    when the ball may be his
     * @param array<string, string> $branches the job by "5 fields"
     */
    private function __construct(
        public Position $position,
        public string $name,
        public string $start,
        public ?string $yours,
        public array $branches,
    ) {}

    /** @return list<self> in order of position */
    public static function all(PlannedPlay $play): array
    {
        $coverage = $play->coverage;

        return null === $coverage
            ? []
            : array_map(
                static fn(Position $position): self => self::of($position, $coverage, $play),
                Position::cases(),
            );
    }

    private static function of(Position $position, Coverage $coverage, PlannedPlay $play): self
    {
        $fields = \in_array($position, $coverage->fielders, true);
        $inReserve = \in_array($position, $coverage->reserve, true);
        $branches = self::branches($position, $coverage, $play->family->branches());
        $start = match (true) {
            $inReserve => 'reads first',
            $fields => $play->family->words()->start,
            default => self::jobs($branches),
        };
        $yours = $inReserve
            ? 'Yours only when nobody else gets it: field it, hear the base, throw.'
            : 'Yours: field it, hear the base, throw.';

        return new self(
            $position,
            $play->plan->lineup->at($position)->name,
            $start . (\in_array($position, $coverage->early, true) ? ', leaves with the pitch' : ''),
            $fields ? $yours : null,
            $branches,
        );
    }

    /**
     * What he does, whoever has the ball, the most frequent first.
     *
     * @param array<string, string> $branches
     */
    private static function jobs(array $branches): string
    {
        $often = array_count_values(array_map(lcfirst(...), $branches));
        arsort($often);
        $jobs = array_keys($often);

        return match (\count($jobs)) {
            0 => 'no job',
            1 => $jobs[0],
            2 => "$jobs[0], or $jobs[1]",
            default => \sprintf('%s, or %d others', $jobs[0], \count($jobs) - 1),
        };
    }

    /**
     * @param list<Branch> $branches
     *
     * @return array<string, string>
     */
    private static function branches(Position $position, Coverage $coverage, array $branches): array
    {
        $told = [];
        foreach ($branches as $branch) {
            $by = $branch->fieldedBy;
            if ($by === $position || (null !== $by && !\in_array($by, $coverage->fielders, true))) {
                continue;
            }
            $jobs = $coverage->jobs($branch)[$position->value] ?? [];
            if ([] !== $jobs) {
                $told[$branch->words] = implode('; ', array_map(static fn(Job $job): string => $job->words, $jobs));
            }
        }

        return $told;
    }
}
