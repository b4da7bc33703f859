<?php

declare(strict_types=1);

namespace FoxCorner\Core\Runs;

use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;

/** How many plate appearances of a half-inning begin in each situation: v = e + Qᵀ v, e the first of them. */
final readonly class Visits
{
    /** @param array<string, float> $visits by the situation's key */
    private function __construct(private array $visits) {}

    public static function of(EventRates $rates, Advancement $advancement): self
    {
        $appearance = new PlateAppearance($rates, $advancement);
        $situations = RunChain::situations();
        $index = array_flip(array_map(static fn(Situation $one): string => $one->key(), $situations));
        $rows = RunChain::identity();
        foreach ($situations as $from => $situation) {
            foreach ($appearance->outcomes($situation) as $outcome) {
                $outs = Outs::tryFrom($situation->outs->value + $outcome->outs);
                if (null !== $outs) {
                    $next = Situation::of(Bases::fromMask($outcome->on), $outs);
                    $rows[$index[$next->key()]][$from] -= $outcome->chance;
                }
            }
        }
        $start = array_map(
            static fn(Situation $one): array => [$one->key() === $situations[0]->key() ? 1.0 : 0.0],
            $situations,
        );
        $solved = (new LinearSystem($rows))->solve($start);

        return new self(
            array_combine(
                array_keys($index),
                array_values(array_map(static fn(array $one): float => $one[0], $solved)),
            ),
        );
    }

    /** Plate appearances of a half-inning that begin there. */
    public function in(Situation $situation): float
    {
        return $this->visits[$situation->key()];
    }

    public function all(): float
    {
        return array_sum($this->visits);
    }
}
