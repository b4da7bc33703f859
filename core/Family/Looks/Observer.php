<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Looks;

/**
 * A runner who watches: he guesses the next number of looks from the last two, by what followed them so far, then from
 * the last one, then by what was most frequent.
 */
final readonly class Observer
{
    /** Of one and the same number of looks so many that nobody misses it (ours). */
    private const ALWAYS = 4;
    /** Points above chance up to which nobody can time him. Source: the project's model. */
    public const TOLERATED = 0.05;
    /** Standard deviations of somebody's luck who guesses: fair rows have streaks too (ours). */
    private const LUCK = 1.5;

    /** @param int $kinds how many different numbers of looks were seen */
    private function __construct(public float $right, public int $longest, public int $guesses, private int $kinds) {}

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

        return new self($guesses > 0 ? $right / $guesses : 0.0, $longest, $guesses, \count(array_unique($looks)));
    }

    /**
     * How often he would be right by luck, among the numbers that he has seen.
     *
     * @param float $chance of somebody who does not watch and guesses what is wanted most often
     */
    public function luck(float $chance): float
    {
        return max($chance, 1 / max(1, $this->kinds));
    }

    /** Whether he knows more than he may: he is right so much oftener that luck does not explain it. */
    public function knows(float $chance): bool
    {
        if (1 === $this->kinds) {
            return $chance < 1.0 && $this->guesses >= self::ALWAYS - 1;
        }
        $luck = $this->luck($chance);
        $noise = self::LUCK * sqrt(($luck * (1 - $luck)) / max(1, $this->guesses));

        return $this->right > $luck + self::TOLERATED + $noise;
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
