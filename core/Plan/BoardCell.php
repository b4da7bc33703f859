<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan;

use FoxCorner\Core\Alignment\InfieldWant;
use FoxCorner\Core\Alignment\Spot;
use FoxCorner\Core\Game\Situation;

/** One situation on the board. */
final readonly class BoardCell
{
    public InfieldWant $want;

    /** @param list<Spot> $changes spots that the context moves away from the base plan */
    public function __construct(public Situation $situation, public SituationPlan $plan, public array $changes)
    {
        $this->want = InfieldWant::in($plan->state, $plan->alignment);
    }

    public function isChanged(): bool
    {
        return [] !== $this->changes;
    }

    /** Who stands otherwise than in the base plan, as the board says it beside its call; nothing when nobody does. */
    public function moveWords(): string
    {
        $who = array_map(static fn(Spot $spot): int => $spot->position->value, $this->changes);

        return [] === $who ? '' : '; moves ' . implode(', ', $who);
    }

    /** "5 bunt; 6 halfway" */
    public function changeWords(): string
    {
        return implode('; ', array_map($this->word(...), $this->changes));
    }

    /** "5 bunt", "6 normal, 1 off", "4 by hand" */
    private function word(Spot $spot): string
    {
        $steps = $spot->steps();

        return $spot->position->value .
            ' ' .
            match (true) {
                $spot->byHand => 'by hand',
                0 === $steps => lcfirst($this->plan->alignment->word($spot->depth)),
                default => \sprintf(
                    '%s, %d %s',
                    lcfirst($this->plan->alignment->word($spot->depth)),
                    abs($steps),
                    $steps > 0 ? 'off' : 'closer',
                ),
            };
    }
}
