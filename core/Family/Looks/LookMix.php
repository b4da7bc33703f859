<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Looks;

use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** What a coach wants a pitcher to mix: how often each number of looks, and each hold. */
final readonly class LookMix
{
    private const MOST_LOOKS = 5;
    private const LONGEST_HOLD = 10.0;
    /** More kinds than that nobody keeps apart. */
    private const MOST_KINDS = 10;

    /**
     * @param non-empty-list<int>   $looks  numbers of looks
     * @param non-empty-list<float> $shares how often each of them comes, together 1
     * @param non-empty-list<float> $holds  s, all as often
     */
    private function __construct(public array $looks, public array $shares, public array $holds) {}

    public static function ordinary(): self
    {
        return self::of([0, 1, 2, 3], [1.0, 2.0, 3.0, 4.0, 5.0]);
    }

    /**
     * @param list<int>   $looks   each number once
     * @param list<float> $holds   s, each once
     * @param list<float> $weights of the looks, in the same order; none: all as often
     *
     * @throws Problem
     */
    public static function of(array $looks, array $holds, array $weights = []): self
    {
        foreach (['looks' => $looks, 'hold' => $holds] as $field => $kinds) {
            if (\count($kinds) > self::MOST_KINDS || \count(array_unique($kinds)) < \count($kinds)) {
                throw Refused::because(
                    $field,
                    'there are too many, or one twice',
                    '1 to ' . self::MOST_KINDS . ' different ones',
                );
            }
        }
        if ([] === $looks || [] === $holds) {
            throw Refused::because([] === $looks ? 'looks' : 'hold', 'there is none to mix', 'one at least');
        }
        foreach ($looks as $one) {
            OutOfRange::unlessBetween('looks', $one, 0, self::MOST_LOOKS, 'looks');
        }
        foreach ($holds as $one) {
            OutOfRange::unlessBetween('hold', $one, 0.5, self::LONGEST_HOLD, 'seconds');
        }
        if ([] !== $weights && \count($weights) !== \count($looks)) {
            throw Refused::because('weights', 'there are not as many as looks', 'one for each number of looks');
        }
        foreach ($weights as $weight) {
            OutOfRange::unlessBetween('weights', $weight, 0.0, 100.0, 'parts');
        }
        $whole = array_sum($weights);
        if ([] !== $weights && $whole <= 0.0) {
            throw Refused::because('weights', 'all are 0', 'at least one above 0');
        }

        return new self(
            $looks,
            array_map(
                static fn(float $weight): float => $weight / ($whole > 0.0 ? $whole : 1.0),
                [] === $weights ? array_fill(0, \count($looks), 1 / \count($looks)) : $weights,
            ),
            $holds,
        );
    }

    /** How often somebody is right who always guesses what comes most often. */
    public function chance(): float
    {
        return max($this->shares);
    }
}
