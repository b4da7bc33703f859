<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\FirstThird;

/** What one school is worth: in runs, or late in chance to lose. */
final readonly class Worth
{
    /**
     * @param array<string, float> $costs       by what the runner on third does
     * @param float                $cost        against a runner who does what the defence likes least, on average
     * @param float                $share       of the times that it should be called, so that nobody can wait for it
     * @param float                $outAtSecond when it is let through
     * @param float                $outAtHome   when the runner on third goes with the throw
     * @param float                $outAtThird  likewise
     * @param float                $runScores   the chance that he scores, at the worst
     */
    public function __construct(
        public School $school,
        public array $costs,
        public float $cost,
        public float $share,
        public float $outAtSecond,
        public float $outAtHome,
        public float $outAtThird,
        public float $runScores,
    ) {}

    public function against(ThirdRunner $third): float
    {
        return $this->costs[$third->value];
    }

    /** What of all that the runner on third can do costs most. */
    public function worst(): ThirdRunner
    {
        return ThirdRunner::from((string) array_search(max(0.0, ...array_values($this->costs)), $this->costs, true));
    }
}
