<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Job;

/** The page on which a coverage is drawn up. */
final readonly class CoverageForm
{
    /** @var list<BranchColumn> */
    public array $columns;

    /**
     * @param string $key    of the coverage
     * @param string $copyOf the key of the one that was copied; empty: none
     * @param string $seen   the mark of what the page showed; empty: the coverage is not kept yet
     * @param string $column that is drawn; empty: the first
     */
    public function __construct(
        public PlannedPlay $play,
        public CoverageDraft $draft,
        public string $key,
        public string $copyOf,
        public string $seen,
        public string $column = '',
    ) {
        $this->columns = BranchColumn::all($play->family);
    }

    /** @return list<Position> who can be sent for the ball */
    public function whoCanField(): array
    {
        return array_values(
            array_filter(
                array_map(static fn(BranchColumn $column): ?Position => $column->branch->fieldedBy, $this->columns),
            ),
        );
    }

    /** @return list<Job> to pick from */
    public function tasks(): array
    {
        return $this->play->family->tasks();
    }

    /** What it was before anything was changed here: as it is kept, else what it is a copy of. */
    public function before(): CoverageDraft
    {
        $before = $this->play->drawnUp($this->key) ?? $this->play->drawnUp($this->copyOf);

        return null === $before ? $this->draft : CoverageDraft::of($before, $this->play->family);
    }

    /** What this one was copied from, if it has changed since. */
    public function changedOriginal(): ?Coverage
    {
        $original = $this->play->drawnUp($this->copyOf);

        return null !== $original && true === $this->play->drawnUp($this->key)?->isBehind($original) ? $original : null;
    }
}
