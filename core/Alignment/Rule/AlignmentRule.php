<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Rule;

use FoxCorner\Core\Alignment\Depth\Shade;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\PositionGroup;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Problem\WrongLength;
use FoxCorner\Core\Value\ButFor;

/** One rule of the plan: when it speaks, who then stands where, and why. */
final readonly class AlignmentRule
{
    use ButFor;

    /**
     * @param string        $id                 stays the same while the rule is changed
     * @param string        $name               a few words
     * @param list<Placing> $placings           each position once
     * @param list<Shade>   $shades             added to those of other rules
     * @param int           $towardPull         steps of the middle infielders to the side to which the batter pulls:
     *                                          the far one goes all of them, the near one, who would leave his
     *                                          hole, every other
     * @param int           $outfieldTowardPull the same of all three outfielders
     * @param string        $reason             a sentence, shown with every spot that the rule decides
     * @param bool          $isOn               a rule that is off stays in the list and says nothing
     *
     * @throws Problem when name or reason are missing, it does nothing, or a position is placed twice
     */
    public function __construct(
        public string $id,
        public string $name,
        public Condition $when,
        public array $placings,
        public array $shades,
        public string $reason,
        public bool $isOn = true,
        public int $towardPull = 0,
        public int $outfieldTowardPull = 0,
    ) {
        OutOfRange::unlessBetween('steps toward the pull side', $towardPull, -4, 4, 'steps');
        OutOfRange::unlessBetween('steps of the outfield toward the pull side', $outfieldTowardPull, -8, 8, 'steps');
        foreach (['name' => $name, 'reason' => $reason] as $field => $text) {
            WrongLength::unlessBetween($field, $text, 1, 200);
        }
        if ([] === $placings && [] === $shades && 0 === $towardPull && 0 === $outfieldTowardPull) {
            throw Refused::because('rule', 'it moves nobody', 'a depth or a shade for somebody');
        }
        $seen = [];
        foreach ($placings as $placing) {
            foreach ($placing->positions as $position) {
                if (isset($seen[$position->value])) {
                    throw Refused::because(
                        'rule',
                        $position->person() . ' has two depths',
                        'one depth for each position',
                    );
                }
                $seen[$position->value] = true;
            }
        }
    }

    public function depthOf(Position $position): ?Placing
    {
        foreach ($this->placings as $placing) {
            if (\in_array($position, $placing->positions, true)) {
                return $placing;
            }
        }

        return null;
    }

    /** @return list<Shade> what it adds for this batter */
    public function shadesFor(GameState $state): array
    {
        $isRight = Bats::Right === $state->context->batter->type->bats();
        $shades = $this->shades;
        if (0 !== $this->outfieldTowardPull) {
            foreach (PositionGroup::Outfield->positions() as $position) {
                $shades[] = new Shade($position, $this->outfieldTowardPull * ($isRight ? -1 : 1), $this->reason);
            }
        }
        if (0 === $this->towardPull) {
            return $shades;
        }
        [$near, $far] = $isRight
            ? [Position::Shortstop, Position::SecondBase]
            : [Position::SecondBase, Position::Shortstop];
        $shades[] = new Shade($far, -$this->towardPull, $this->reason);
        $follows = intdiv($this->towardPull, 2);

        return 0 === $follows ? $shades : [...$shades, new Shade($near, $follows, $this->reason)];
    }

    public function switched(bool $on): self
    {
        return $this->but(isOn: $on);
    }
}
