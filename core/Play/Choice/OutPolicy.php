<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Choice;

use FoxCorner\Core\Field\Base;

/** Which out a coach wants: the last word over the numbers, whose cost is shown. */
enum OutPolicy: string
{
    /** First base, no matter what: said beforehand, on big stakes. */
    case First = 'first';
    /** The lead out when it is sure enough, else the surest. */
    case Sure = 'sure';
    /** The lead runner, whenever there is a chance worth the name. */
    case Lead = 'lead';
    /** Two, when the first of them is sure enough that nobody trades it for a coin flip. */
    case Two = 'two';
    /** The run must not score. */
    case Plate = 'plate';
    /** Whatever costs least in runs, or late in chance to win. */
    case Numbers = 'numbers';

    /** How likely two must be to be tried for at all (ours). */
    private const TWO_IS_ON = 0.2;

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
            self::Two => 'Two',
            self::Plate => 'The plate',
            self::Numbers => 'By the numbers',
        };
    }

    public function reason(OutLines $lines = new OutLines()): string
    {
        return match ($this) {
            self::First => 'One out for one base, whatever the ball.',
            self::Sure => \sprintf('The lead out when it is %d %% sure, else the surest.', round(100 * $lines->sure)),
            self::Lead => \sprintf('The lead out from %d %% on, else the surest.', round(100 * $lines->chance)),
            self::Two => \sprintf(
                'Two when the first out is %d %% sure and the second is on, else the surest.',
                round(100 * $lines->sure),
            ),
            self::Plate => \sprintf('Home from %d %% on, else the surest.', round(100 * $lines->chance)),
            self::Numbers => 'The out that costs least in what follows.',
        };
    }

    /** How sure an out in front must be for it, 0 to 1; 1 where it does not look at that. */
    public function line(OutLines $lines): float
    {
        return match ($this) {
            self::Sure, self::Two => $lines->sure,
            self::Lead, self::Plate => $lines->chance,
            self::First, self::Numbers => 1.0,
        };
    }

    /** @param non-empty-list<ThrowOption> $options lead base first, first base last */
    public function choose(array $options, OutLines $lines = new OutLines()): ThrowOption
    {
        return match ($this) {
            self::First => $options[\count($options) - 1],
            self::Sure => self::foremost($options, $lines->sure) ?? self::surest($options),
            self::Lead => self::foremost($options, $lines->chance) ?? self::surest($options),
            self::Two => self::two($options, $lines->sure) ?? self::surest($options),
            self::Plate => self::foremost(
                array_filter($options, static fn(ThrowOption $option): bool => Base::Home === $option->base),
                $lines->chance,
            ) ?? self::surest($options),
            self::Numbers => self::best(
                $options,
                static fn(ThrowOption $option): float => null === $option->cost ? $option->chance : -$option->cost,
            ),
        };
    }

    /**
     * The out farthest in front that is as likely as that; of two at one base the one that costs least.
     *
     * @param array<ThrowOption> $options
     */
    private static function foremost(array $options, float $sure): ?ThrowOption
    {
        $found = null;
        foreach ($options as $option) {
            if ($option->inHand < $sure) {
                continue;
            }
            $found ??= $option;
            if ($option->base === $found->base && ($option->cost ?? 0.0) < ($found->cost ?? 0.0)) {
                $found = $option;
            }
        }

        return $found;
    }

    /** @param non-empty-list<ThrowOption> $options */
    private static function surest(array $options): ThrowOption
    {
        return self::best($options, static fn(ThrowOption $option): float => $option->inHand);
    }

    /** @param non-empty-list<ThrowOption> $options */
    private static function two(array $options, float $sure): ?ThrowOption
    {
        $on = array_filter(
            $options,
            static fn(ThrowOption $option): bool => $option->inHand >= $sure && $option->two >= self::TWO_IS_ON,
        );

        return [] === $on ? null : self::best(array_values($on), static fn(ThrowOption $option): float => $option->two);
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
