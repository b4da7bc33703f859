<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Pickoff;

use FoxCorner\App\Plan\Address\SituationAddress;
use FoxCorner\App\Plays\Running\ChoiceGroup;
use FoxCorner\Core\Family\Pickoff\PickPlay;
use FoxCorner\Core\Family\Pickoff\Picks;
use FoxCorner\Core\Family\Pickoff\PickTrial;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Running\PickKind;
use FoxCorner\Core\Play\Running\PickRules;
use FoxCorner\Core\Runs\PlayCost;

/** What can be picked of a throw behind a runner, and what is said beside it. */
final class PickChoices
{
    private ?PickPlay $one = null;

    public function __construct(
        private readonly SituationAddress $address,
        private readonly PlannedPlay $planned,
        public readonly PickTrial $trial,
        private readonly PlayCost $cost,
    ) {}

    /** @return list<ChoiceGroup> */
    public function groups(): array
    {
        $bags = $kinds = [];
        foreach (
            Picks::open($this->planned->plan->state->situation->bases, $this->planned->plan->state->rules) as $open
        ) {
            $bags[$open->base->word()] = ucfirst($open->base->word());
            if ($open->base === $this->trial->base) {
                $kinds[$open->kind->value] = $open->kind->label();
            }
        }

        return [
            ...1 < \count($bags)
                ? [ChoiceGroup::of('Where', 'bag', $bags, $this->trial->base->word(), $this->address)]
                : [],
            ChoiceGroup::of('How', 'pick', $kinds, $this->trial->kind->value, $this->address),
        ];
    }

    /** The throw that is looked at. */
    public function one(): PickPlay
    {
        return $this->one ??= new PickPlay(
            $this->planned->scene($this->cost),
            $this->planned->coverage ?? throw new \LogicException('It is covered.'),
            $this->trial,
        );
    }

    public function rule(): PickRules
    {
        return PickRules::of($this->trial->kind, $this->trial->base, $this->planned->plan->state->rules);
    }

    /** @return array<string, string> why the others are not thrown here, by name */
    public function closed(): array
    {
        $closed = [];
        $state = $this->planned->plan->state;
        foreach (PickKind::cases() as $kind) {
            foreach ($kind->bases() as $base) {
                $rule = PickRules::of($kind, $base, $state->rules);
                if ($state->situation->bases->has($base) && !$rule->isOpen) {
                    $closed[$kind->label()] ??= $rule->why;
                }
            }
        }

        return $closed;
    }

    /** How many outs more than errors it must bring: how often it wins against what it costs when it gets by. */
    public function breakEven(): ?float
    {
        $cost = $this->one()->errorCost;
        $saves = $this->one()->outSaves();

        return null === $cost || null === $saves || $saves <= 0.0 ? null : max(0.0, $cost / $saves);
    }

    /** @return list<PickTrial> that the team throws, with their signs; none: it has made no list */
    public function ours(): array
    {
        return $this->planned->isOwnSheet()
            ? array_values(array_filter($this->planned->sheet(), static fn($one): bool => $one instanceof PickTrial))
            : [];
    }

    /** @return array<string, string> the address that shows one of them; empty where nobody is on that base */
    public function toward(PickTrial $trial): array
    {
        return $this->planned->plan->state->situation->bases->has($trial->base)
            ? $this->address->with([
                'view' => $this->planned->family->key(),
                'pick' => $trial->kind->value,
                'bag' => $trial->base->word(),
                'sign' => $trial->sign,
            ])
            : [];
    }

    public function base(): Base
    {
        return $this->trial->base;
    }
}
