<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Looks;

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
     * @param non-empty-array<int, float>    $looks shares by the number of looks, together 1
     * @param non-empty-array<string, float> $holds shares by the seconds, as text, together 1
     */
    private function __construct(public array $looks, public array $holds) {}

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
            if ([] === $kinds || \count($kinds) > self::MOST_KINDS || \count(array_unique($kinds)) < \count($kinds)) {
                throw Refused::because(
                    $field,
                    [] === $kinds ? 'there is none to mix' : 'there are too many, or one twice',
                    '1 to ' . self::MOST_KINDS . ' different ones',
                );
            }
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
        $shares = [];
        foreach ($looks as $index => $one) {
            $shares[$one] = [] === $weights ? 1 / \count($looks) : ($weights[$index] ?? 0.0) / $whole;
        }
        $seconds = [];
        foreach ($holds as $one) {
            $seconds[(string) $one] = 1 / \count($holds);
        }

        return new self($shares, $seconds);
    }

    /** How often somebody is right who always guesses what comes most often. */
    public function chance(): float
    {
        return max($this->looks);
    }
}
