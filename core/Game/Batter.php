<?php

declare(strict_types=1);

namespace FoxCorner\Core\Game;

use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Quantity;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Value\ButFor;

/** Who is at bat, as far as a plan needs it: a kind of batter, or one of an opponent's by name. */
final readonly class Batter
{
    use ButFor;

    /** Places in the order that count as its top. */
    private const TOP = 3;

    /**
     * @param string            $key         as addresses carry it: a type's value or an identity
     * @param list<BatterTrait> $traits      that rules may ask for
     * @param float|null        $homeToFirst seconds from contact on this field; null: what the level expects of the
     *                                       type
     * @param bool              $isSwitch    bats from the side away from the pitcher's arm
     */
    private function __construct(
        public string $key,
        public string $label,
        public BatterType $type,
        public Tendency $tendency,
        public array $traits,
        public ?float $homeToFirst,
        private bool $isSwitch = false,
    ) {}

    public static function ofType(BatterType $type): self
    {
        return new self($type->value, $type->label(), $type, Tendency::of($type), $type->traits(), null);
    }

    /**
     * One of an opponent's batters; a switch hitter stands left until {@see self::against()} a left-hander.
     *
     * @param int|null   $order       1 to 9
     * @param float|null $homeToFirst seconds on this field
     * @param float      $ordinary    the level's home-to-first time on this field, seconds
     *
     * @throws Problem when the time cannot be a person's
     */
    public static function named(
        string $key,
        string $name,
        Bats $bats,
        ?int $order,
        Tendency $tendency,
        bool $power,
        bool $bunts,
        ?float $homeToFirst,
        float $ordinary,
    ): self {
        if (null !== $homeToFirst) {
            Quantity::HomeToFirst->check($homeToFirst, 'home to first');
        }
        $isRight = Bats::Right === $bats;
        $type = match (true) {
            Bats::Slap === $bats => $power ? BatterType::PowerSlapper : BatterType::Slapper,
            $power => $isRight ? BatterType::RightPower : BatterType::LeftPower,
            default => $isRight ? BatterType::Right : BatterType::Left,
        };
        $more = [
            BatterTrait::Quick->value => null !== $homeToFirst && $homeToFirst <= $ordinary * BatterType::QUICK,
            BatterTrait::Bunts->value => $bunts,
            BatterTrait::TopOfOrder->value => null !== $order && $order <= self::TOP,
        ];
        $traits = [...$type->traits(), ...array_map(BatterTrait::from(...), array_keys(array_filter($more)))];

        return new self(
            $key,
            $name,
            $type,
            $tendency,
            array_values(array_unique($traits, \SORT_REGULAR)),
            $homeToFirst,
            Bats::Switch === $bats,
        );
    }

    /** Who this is when the pitcher throws with that arm. */
    public function against(Hand $pitcher): self
    {
        if (!$this->isSwitch) {
            return $this;
        }
        $power = $this->type->hitsForPower();
        $type =
            Hand::Left === $pitcher
                ? ($power
                    ? BatterType::RightPower
                    : BatterType::Right)
                : ($power
                    ? BatterType::LeftPower
                    : BatterType::Left);
        $others = array_filter(
            $this->traits,
            static fn(BatterTrait $trait): bool => !\in_array(
                $trait,
                [BatterTrait::Left, BatterTrait::Right, BatterTrait::Power],
                true,
            ),
        );

        return $this->but(type: $type, traits: [...$type->traits(), ...array_values($others)], isSwitch: true);
    }

    public function is(BatterTrait $trait): bool
    {
        return \in_array($trait, $this->traits, true);
    }
}
