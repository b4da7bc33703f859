<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\People\Position;

/** What the infield wants on an ordinary ground ball. */
enum InfieldWant: string
{
    case SureOut = 'sure-out';
    case Two = 'two';
    /** Look the runner on third back, then take the out. */
    case LookThenFirst = 'look-then-first';
    case Plate = 'plate';
    /** With the bases loaded: the plate, and from there first. */
    case PlateThenFirst = 'plate-then-first';

    public static function in(GameState $state, Alignment $alignment): self
    {
        $bases = $state->situation->bases;
        $middle = $alignment->spot(Position::Shortstop)->depth;
        $isIn = NamedDepth::In === $middle;

        return match (true) {
            !$state->hasFewerThanTwoOuts() => self::SureOut,
            $isIn && $bases->has(Base::First) && $bases->has(Base::Second) => self::PlateThenFirst,
            $isIn => self::Plate,
            $bases->has(Base::First) => self::Two,
            $bases->has(Base::Third) && NamedDepth::Halfway === $middle => self::LookThenFirst,
            default => self::SureOut,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::SureOut => 'Sure out',
            self::Two => 'Two; first if slow',
            self::LookThenFirst => 'Look back, then first',
            self::Plate => 'Plate',
            self::PlateThenFirst => 'Plate, then first',
        };
    }
}
