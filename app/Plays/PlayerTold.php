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
     * @param string                $start    "leaves with the pitch"
     * @param string|null           $yours    when the ball may be his
     * @param array<string, string> $branches the job by "5 has it"
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
        $start = match (true) {
            \in_array($position, $coverage->early, true) => 'leaves with the pitch',
            $inReserve => 'reads first',
            $fields => $play->family->words()->start,
            '' !== $play->family->words()->else => $play->family->words()->else,
            default => 'goes at the ' . $play->family->words()->one,
        };
        $yours = $inReserve
            ? 'Yours only when nobody else gets it: field it, hear the base, throw.'
            : 'Yours: field it, hear the base, throw.';

        return new self(
            $position,
            $play->plan->lineup->at($position)->name,
            $start,
            $fields ? $yours : null,
            self::branches($position, $coverage, $play->family->branches()),
        );
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
