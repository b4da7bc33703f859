<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\FirstThird;

use FoxCorner\App\Plan\Address\SituationAddress;
use FoxCorner\App\Plays\Running\ChoiceGroup;
use FoxCorner\Core\Family\FirstThird\FirstThirdFamily;
use FoxCorner\Core\Family\FirstThird\FirstThirdPlay;
use FoxCorner\Core\Family\FirstThird\FirstThirdTrial;
use FoxCorner\Core\Family\FirstThird\School;
use FoxCorner\Core\Family\FirstThird\ThirdRunner;
use FoxCorner\Core\Family\FirstThird\Worth;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Runs\PlayCost;

/** What can be picked with runners on first and third, and what each answer is worth. */
final class FirstThirdChoices
{
    /** Of the times; what is called less often is not said. */
    private const RARE = 0.05;

    private ?FirstThirdPlay $one = null;

    public function __construct(
        private readonly SituationAddress $address,
        private readonly PlannedPlay $planned,
        public readonly FirstThirdTrial $trial,
        private readonly PlayCost $cost,
    ) {}

    /** @return list<ChoiceGroup> */
    public function groups(): array
    {
        $when = $third = [];
        foreach (FirstThirdFamily::open($this->planned->plan->state->rules) as $one) {
            $when[$one->value] = $one->label();
        }
        foreach (ThirdRunner::cases() as $one) {
            $third[$one->value] = $one->label();
        }

        return [
            ChoiceGroup::of('How the one on first goes', 'when', $when, $this->trial->when->value, $this->address),
            ChoiceGroup::of('What the one on third does', 'third', $third, $this->one()->third->value, $this->address),
        ];
    }

    public function one(): FirstThirdPlay
    {
        return $this->one ??= new FirstThirdPlay(
            $this->planned->scene($this->cost),
            $this->planned->coverage ?? throw new \LogicException('It is covered.'),
            $this->trial,
        );
    }

    /** "through to second 6 of 10, short, always cut 4 of 10" */
    public function mixWords(): string
    {
        $called = array_filter($this->one()->choice->schools, static fn(Worth $one): bool => $one->share >= self::RARE);

        return implode(
            '; ',
            array_map(
                static fn(Worth $one): string => \sprintf(
                    '%s %d of 10',
                    lcfirst($one->school->label()),
                    round(10 * $one->share),
                ),
                $called,
            ),
        );
    }

    /** The coverage that plays a school as it comes with the program, as an address has it. */
    public function coverage(School $school): string
    {
        return 'first-third-' . $school->value;
    }
}
