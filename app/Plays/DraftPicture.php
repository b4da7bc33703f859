<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays;

use FoxCorner\App\Shared\Drawing\FieldDrawing;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Clock\Move;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Scheme\Branch;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Job;

/** A coverage as it is drawn up, on a ball for each branch: who runs where. */
final readonly class DraftPicture
{
    /**
     * @param array<int|string, Timeline|null> $plays  by the column; null: nothing of the sample comes to it
     * @param string                           $chosen column
     * @param Timeline|null                    $play   of the chosen column; null: no ball that was tried comes to it
     */
    private function __construct(
        public array $plays,
        public string $chosen,
        public ?Timeline $play,
        public FieldDrawing $drawing,
    ) {}

    /**
     * @param PlannedPlay $play   with the coverage that is drawn up
     * @param string      $chosen column; one that is none: the first that has a play
     */
    public static function of(PlannedPlay $play, FieldDrawing $drawing, string $chosen): self
    {
        $coverage = $play->coverage;
        /** @var array<int|string, Branch> $columns numbers are numbers, as keys */
        $columns = array_column(BranchColumn::all($play->family), 'branch', 'id');
        if (null === $coverage || [] === $coverage->fielders) {
            return new self(array_fill_keys(array_keys($columns), null), '', null, $drawing);
        }
        $tried = $play->runs($play->family->trials($play->plan->scene()));
        $plays = array_map(static fn(Branch $branch): ?Timeline => self::in($branch, $coverage, $tried), $columns);
        if (!isset($columns[$chosen])) {
            $chosen = (string) (array_keys(array_filter($plays))[0] ?? '');
        }
        $branch = $columns[$chosen] ?? null;
        $drawn =
            $plays[$chosen] ?? (null === $branch ? null : self::in($branch, $coverage, self::seldom($coverage, $play)));

        return new self($plays, $chosen, $drawn, $drawing);
    }

    /** Where a fielder ends up, on the drawing. */
    public function end(Move $move): Point
    {
        return $move->track->end()->point;
    }

    /**
     * One after the other, for a branch that is looked at: there are many to try.
     *
     * @return iterable<Timeline>
     */
    private static function seldom(Coverage $coverage, PlannedPlay $play): iterable
    {
        $against = $play->family->against($play->scene(), $coverage);
        foreach ($play->family->rareTrials($play->plan->scene()) as $trial) {
            yield $against($trial)->timeline();
        }
    }

    /**
     * The first of the plays in which everybody does what the coverage says for a branch.
     *
     * @param iterable<Timeline> $tried
     */
    private static function in(Branch $branch, Coverage $coverage, iterable $tried): ?Timeline
    {
        $told = self::keys($coverage->jobs($branch));
        foreach ($tried as $play) {
            if (
                (null === $branch->fieldedBy || $branch->fieldedBy === $play->fieldedBy()) &&
                $told === self::keys(array_map(static fn(Move $move): array => $move->jobs, $play->moves))
            ) {
                return $play;
            }
        }

        return null;
    }

    /**
     * @param array<int, list<Job>> $jobs by position number
     *
     * @return array<int, list<string>> but for those with none
     */
    private static function keys(array $jobs): array
    {
        $keys = [];
        foreach (Position::cases() as $who) {
            if ([] !== ($jobs[$who->value] ?? [])) {
                $keys[$who->value] = array_map(static fn(Job $job): string => $job->key(), $jobs[$who->value]);
            }
        }

        return $keys;
    }
}
