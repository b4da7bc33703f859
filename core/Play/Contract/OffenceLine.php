<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Contract;

use FoxCorner\Core\Play\Choice\OutPolicy;

/** One thing that the other side may do, how likely it is, and what it costs us against a coverage. */
final readonly class OffenceLine
{
    /**
     * @param string               $label "Shows, then swings"
     * @param float                $share of all that it does, 0 to 1
     * @param bool                 $isMet whether it is what the coverage is drawn up for: a ball that is bunted
     * @param array<string, float> $costs in runs or chance to lose, by the policy's value
     */
    public function __construct(public string $label, public float $share, public bool $isMet, public array $costs) {}

    /**
     * How likely it is what the coverage is drawn up for.
     *
     * @param list<self> $lines all that they may do
     */
    public static function met(array $lines): float
    {
        return array_sum(array_map(static fn(self $line): float => $line->isMet ? $line->share : 0.0, $lines));
    }

    public function cost(OutPolicy $policy): float
    {
        return $this->costs[$policy->value];
    }
}
