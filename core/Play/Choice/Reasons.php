<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Choice;

/** Why a throw is called and another is not, and what a policy costs against the cheapest throw: one comparison. */
final readonly class Reasons
{
    /** Half of the last figure shown: a difference below it is none. */
    public const LEAST = 0.005;

    /** @param non-empty-list<ThrowOption> $options lead base first */
    public function __construct(
        private array $options,
        private ThrowOption $called,
        private OutPolicy $policy,
        private OutLines $lines = new OutLines(),
    ) {}

    /** Whether two costs are one, as far as can be known: they differ by less than a hundredth. */
    public static function areEven(float $one, float $other): bool
    {
        return abs($one - $other) < 2 * self::LEAST;
    }

    /** What an option costs more than the cheapest, in the unit of costs; 0 where nothing was asked of cost. */
    public function more(ThrowOption $option): float
    {
        return ($option->cost ?? 0.0) - ($this->cheapest()->cost ?? 0.0);
    }

    /** "It costs 0.52 more than home: first base, no matter what."; null where the call costs least. */
    public function price(): ?string
    {
        $more = $this->more($this->called);

        return $more < self::LEAST
            ? null
            : \sprintf(
                '“%s” costs %.2f more here than %s.',
                $this->policy->label(),
                $more,
                $this->cheapest()->base->word(),
            );
    }

    /** As in "82 % sure, and 80 % is enough", "the surest", "costs 0.30 more". */
    public function of(ThrowOption $option): string
    {
        $more = $this->more($option);

        return $this->word($option) .
            match (true) {
                null === $option->cost => '',
                $more < self::LEAST => '; costs least',
                default => \sprintf('; costs %.2f more', $more),
            };
    }

    /** By what the policy looks at. */
    private function word(ThrowOption $option): string
    {
        $line = $this->policy->line($this->lines);
        $percent = (int) round(100 * $option->inHand);
        $isCalled = $option === $this->called;

        return match (true) {
            OutPolicy::Numbers === $this->policy => $isCalled ? 'called' : 'not called',
            OutPolicy::First === $this->policy => $isCalled ? 'called: no matter what' : 'not called: first it is',
            $isCalled && $option->inHand >= $line => \sprintf(
                'called: %d %% sure, %d are enough',
                $percent,
                round(100 * $line),
            ),
            $isCalled => \sprintf('called: %d %%, the surest', $percent),
            $option->inHand < $line => \sprintf('not called: %d %% sure, %d are wanted', $percent, round(100 * $line)),
            default => \sprintf('not called: %d %% sure, and not the farthest in front', $percent),
        };
    }

    private function cheapest(): ThrowOption
    {
        $cheapest = $this->options[0];
        foreach ($this->options as $option) {
            if (null !== $option->cost && $option->cost < ($cheapest->cost ?? \INF)) {
                $cheapest = $option;
            }
        }

        return $cheapest;
    }
}
