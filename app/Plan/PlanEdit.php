<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use FoxCorner\App\Plan\Codec\Fingerprint;
use FoxCorner\Core\Plan\PlanBook;

/** A change of the plan as a page asks for it: of one part, as long as that is still what the page showed. */
final readonly class PlanEdit
{
    /**
     * @param string                       $words  what is done, as in "6 kept for first, nobody out"
     * @param string|null                  $seen   the mark of what the page showed; null: whatever is there now
     * @param \Closure(PlanBook): mixed    $part   that is replaced
     * @param \Closure(PlanBook): PlanBook $change
     */
    private function __construct(
        public string $words,
        private ?string $seen,
        private \Closure $part,
        private \Closure $change,
    ) {}

    /**
     * @param string                       $seen   as {@see Fingerprint} marked the part for the page
     * @param \Closure(PlanBook): mixed    $part
     * @param \Closure(PlanBook): PlanBook $change
     */
    public static function of(string $words, string $seen, \Closure $part, \Closure $change): self
    {
        return new self($words, $seen, $part, $change);
    }

    /**
     * A change that holds whatever somebody else has done meanwhile.
     *
     * @param \Closure(PlanBook): PlanBook $change
     */
    public static function whatever(string $words, \Closure $change): self
    {
        return new self($words, null, static fn(): null => null, $change);
    }

    /** @throws ChangedMeanwhile when the part is not what the page showed */
    public function __invoke(PlanBook $book): PlanBook
    {
        $now = ($this->part)($book);
        if (null !== $this->seen && Fingerprint::of($now) !== $this->seen) {
            throw ChangedMeanwhile::of($now);
        }

        return ($this->change)($book);
    }
}
