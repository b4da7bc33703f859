<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Worth;

use FoxCorner\Core\Play\Clock\ThrowOption;

/** Which out a coach wants: the last word over the numbers, whose cost is shown. */
enum OutPolicy: string
{
    /** First base, no matter what: said beforehand, on big stakes. */
    case First = 'first';
    /** The lead out when it is sure enough, else the surest. */
    case Sure = 'sure';
    /** The lead runner, whenever there is a chance worth the name. */
    case Lead = 'lead';
    /** Whatever costs least in runs, or late in chance to win. */
    case Numbers = 'numbers';

    /** How sure the lead out must be (ours): {@see self::Sure}, and {@see self::Lead}. */
    private const SURE = 0.8;
    private const A_CHANCE = 0.35;

    public static function ordinary(): self
    {
        return self::Sure;
    }

    public function label(): string
    {
        return match ($this) {
            self::First => 'First base, no matter what',
            self::Sure => 'Lead out when sure',
            self::Lead => 'Lead runner',
            self::Numbers => 'By the numbers',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::First => 'One out for one base, whatever the ball.',
            self::Sure => \sprintf('The lead out when it is %d %% sure, else the surest.', round(100 * self::SURE)),
            self::Lead => \sprintf('The lead out from %d %% on, else the surest.', round(100 * self::A_CHANCE)),
            self::Numbers => 'The out that costs least in what follows.',
        };
    }

    /** @param non-empty-list<ThrowOption> $options lead base first, first base last */
    public function choose(array $options): ThrowOption
    {
        return match ($this) {
            self::First => $options[\count($options) - 1],
            self::Sure => $options[0]->inHand >= self::SURE
                ? $options[0]
                : self::best($options, static fn(ThrowOption $option): float => $option->chance),
            self::Lead => $options[0]->inHand >= self::A_CHANCE
                ? $options[0]
                : self::best($options, static fn(ThrowOption $option): float => $option->chance),
            self::Numbers => self::best(
                $options,
                static fn(ThrowOption $option): float => null === $option->cost ? $option->chance : -$option->cost,
            ),
        };
    }

    /**
     * @param non-empty-list<ThrowOption>  $options
     * @param callable(ThrowOption): float $worth
     */
    private static function best(array $options, callable $worth): ThrowOption
    {
        $best = $options[0];
        foreach ($options as $option) {
            if ($worth($option) > $worth($best)) {
                $best = $option;
            }
        }

        return $best;
    }
}
