<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan;

use FoxCorner\Core\Alignment\Depth\Shade;
use FoxCorner\Core\Alignment\InfieldWant;
use FoxCorner\Core\Alignment\Spot;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\PositionGroup;

/** One situation on the board. */
final readonly class BoardCell
{
    public InfieldWant $want;

    /** @param list<Spot> $changes spots that the context moves away from the base plan */
    public function __construct(public Situation $situation, public SituationPlan $plan, public array $changes)
    {
        $this->want = InfieldWant::in($plan->state, $plan->alignment, $plan->level->advancement()->doublePlay);
    }

    public function isChanged(): bool
    {
        return [] !== $this->changes;
    }

    /** Who stands otherwise than in the base plan, as the board says it beside its call; nothing when nobody does. */
    public function moveWords(): string
    {
        $who = array_map(static fn(Spot $spot): int => $spot->position->value, $this->changes);
        $outfield = Position::numbers(PositionGroup::Outfield->positions());
        if ([] === array_diff($outfield, $who)) {
            $who = [...array_diff($who, $outfield), 'outfield'];
        }

        return [] === $who ? '' : '; moves ' . implode(', ', $who);
    }

    /** "5 bunt; 6 halfway; 7, 8, 9 shallow" */
    public function changeWords(): string
    {
        $who = [];
        foreach ($this->changes as $spot) {
            $who[$this->word($spot)][] = $spot->position->value;
        }
        $parts = [];
        foreach ($who as $word => $numbers) {
            $parts[] = implode(', ', $numbers) . ' ' . $word;
        }

        return implode('; ', $parts);
    }

    /** "bunt", "normal, 1 off", "shallow, 5 left", "normal, half a step in", "by hand" */
    private function word(Spot $spot): string
    {
        $steps = $spot->steps();
        $isOut = PositionGroup::Outfield === $spot->position->group();

        if ($spot->byHand) {
            return 'by hand';
        }
        $side = $steps > 0 ? ($isOut ? 'right' : 'off') : ($isOut ? 'left' : 'closer');

        return implode(
            ', ',
            array_filter(
                [
                    lcfirst($this->plan->alignment->word($spot->depth)),
                    0 === $steps ? null : abs($steps) . ' ' . $side,
                    0 === $spot->halvesIn() ? null : Shade::halvesWords($spot->halvesIn()),
                ],
                is_string(...),
            ),
        );
    }
}
