<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Steal;

use FoxCorner\App\Plan\Address\SituationAddress;
use FoxCorner\App\Plays\Running\ChoiceGroup;
use FoxCorner\Core\Family\Steal\StealPlay;
use FoxCorner\Core\Family\Steal\StealTrial;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Running\Helps;
use FoxCorner\Core\Play\Running\StealKind;
use FoxCorner\Core\Runs\PlayCost;

/** What can be picked of a steal, and what is said beside it. */
final class StealChoices
{
    private ?StealPlay $one = null;

    public function __construct(
        private readonly SituationAddress $address,
        private readonly PlannedPlay $planned,
        public readonly StealTrial $trial,
        private readonly PlayCost $cost,
    ) {}

    /** @return list<ChoiceGroup> */
    public function groups(): array
    {
        $kinds = [];
        foreach (StealKind::cases() as $kind) {
            $kinds[$kind->value] = $kind->label();
        }

        return [ChoiceGroup::of('When he goes', 'goes', $kinds, $this->trial->kind->value, $this->address)];
    }

    public function one(): StealPlay
    {
        return $this->one ??= new StealPlay(
            $this->planned->scene($this->cost),
            $this->planned->coverage ?? throw new \LogicException('It is covered.'),
            $this->trial,
        );
    }

    /** @return list<Helps> what would help against the runner in front, the most first */
    public function helps(): array
    {
        return $this->one()->helps();
    }
}
