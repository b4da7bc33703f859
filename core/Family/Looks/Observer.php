<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Looks;

/**
 * A runner who watches: he guesses the next number of looks from the last two, by what followed them so far, then from
 * the last one, then by what was most frequent.
 */
final readonly class Observer
{
    /** Of the same number of looks in a row, so many that nobody misses it (ours). */
    public const IN_A_ROW = 3;
    /** Points above chance up to which nobody can time him. Source: the project's model. */
    public const TOLERATED = 0.05;

    private function __construct(public float $right, public int $longest, public int $guesses) {}

    /** @param list<int> $looks in the order in which they were seen */
    public static function of(array $looks): self
    {
        $right = $guesses = $longest = $run = 0;
        $seen = [];
        foreach ($looks as $index => $now) {
            $run = $index > 0 && $looks[$index - 1] === $now ? $run + 1 : 1;
            $longest = max($longest, $run);
            $contexts = self::contexts($looks, $index);
            if ($index > 0) {
                ++$guesses;
                $right += (int) (self::guess($contexts, $seen) === $now);
            }
            foreach ($contexts as $context) {
                $seen[$context][$now] = ($seen[$context][$now] ?? 0) + 1;
            }
        }

        return new self($guesses > 0 ? $right / $guesses : 0.0, $longest, $guesses);
    }

    /** Whether he knows more than he may. @param float $chance of somebody who does not watch */
    public function knows(float $chance): bool
    {
        return $this->right > $chance + self::TOLERATED || $this->longest >= self::IN_A_ROW;
    }

    /**
     * @param list<int> $looks
     *
     * @return non-empty-list<string> what was before, the longest memory first
     */
    private static function contexts(array $looks, int $index): array
    {
        $contexts = [];
        if ($index > 1) {
            $contexts[] = $looks[$index - 2] . ',' . $looks[$index - 1];
        }
        if ($index > 0) {
            $contexts[] = (string) $looks[$index - 1];
        }

        return [...$contexts, ''];
    }

    /**
     * @param non-empty-list<string>         $contexts
     * @param array<string, array<int, int>> $seen     what followed, by what was before
     */
    private static function guess(array $contexts, array $seen): ?int
    {
        foreach ($contexts as $context) {
            $followed = $seen[$context] ?? [];
            if ([] !== $followed) {
                return (int) array_search(max($followed), $followed, true);
            }
        }

        return null;
    }
}
