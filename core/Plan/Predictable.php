<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan;

use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Outs;

/** The same coverage wherever there is a choice: the other side needs to see it once. */
final class Predictable
{
    /** Runner states in which coaches choose between coverages of the same kind. */
    private const CHOICES = [Bases::First, Bases::Second, Bases::FirstSecond, Bases::FirstThird];

    /** @param list<SituationPlan> $plans */
    public static function in(array $plans): ?Finding
    {
        $keys = [];
        foreach ($plans as $plan) {
            $situation = $plan->state->situation;
            if (Outs::None === $situation->outs && \in_array($situation->bases, self::CHOICES, true) && null !== $plan->coverage && \count($plan->coverages) > 1) {
                $keys[$situation->bases->value] = $plan->coverage;
            }
        }
        $names = array_unique(array_map(static fn($coverage): string => $coverage->name(), $keys));
        if (\count($keys) < \count(self::CHOICES) || 1 !== \count($names)) {
            return null;
        }

        return new Finding(
            'predictable', 'They know what you do', \sprintf('“%s” is played with a runner on first, on second, on both, and on first and third: a bunter has to see it once.', $names[array_key_first($names)]),
            'Choose another coverage for one of them, or two that you call in turn.', null, null, 0.2,
        );
    }
}
