<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment;

use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\People\Position;

/** What the infield wants on an ordinary ground ball. */
enum InfieldWant: string
{
    case SureOut = 'sure-out';
    case Two = 'two';
    /** Where two are seldom turned: the runner if he is sure to be out. */
    case LeadThenFirst = 'lead-then-first';
    /** The middle for two, the corners for the run. */
    case TwoOrPlate = 'two-or-plate';
    /** Likewise, where two are seldom turned. */
    case CornersPlate = 'corners-plate';
    /** Look the runner on third back, then take the out. */
    case LookThenFirst = 'look-then-first';
    case Plate = 'plate';
    /** With the bases loaded: the plate, and from there first. */
    case PlateThenFirst = 'plate-then-first';

    /** Of ground outs with a runner on first, those that must be double plays for two to be the first wish (ours). */
    private const TWO_FROM = 0.08;

    /** @param float $turned of ground outs with a runner on first, those that the level makes double plays, 0 to 1 */
    public static function in(GameState $state, Alignment $alignment, float $turned): self
    {
        $turnsTwo = $turned >= self::TWO_FROM;
        $cornersIn = NamedDepth::In === $alignment->spot(Position::ThirdBase)->depth;
        $bases = $state->situation->bases;
        $middle = $alignment->spot(Position::Shortstop)->depth;
        $isIn = NamedDepth::In === $middle;

        return match (true) {
            !$state->hasFewerThanTwoOuts() => self::SureOut,
            $isIn && $bases->has(Base::First) && $bases->has(Base::Second) => self::PlateThenFirst,
            $isIn => self::Plate,
            $bases->has(Base::First) && $bases->has(Base::Third) && $cornersIn => $turnsTwo
                ? self::TwoOrPlate
                : self::CornersPlate,
            $bases->has(Base::First) => $turnsTwo ? self::Two : self::LeadThenFirst,
            $bases->has(Base::Third) && NamedDepth::Halfway === $middle => self::LookThenFirst,
            default => self::SureOut,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::SureOut => 'Sure out',
            self::Two => 'Two; first if slow',
            self::LeadThenFirst => 'Lead if sure, else first',
            self::TwoOrPlate => 'Two; plate from the corners',
            self::CornersPlate => 'Plate from the corners, else first',
            self::LookThenFirst => 'Look back, then first',
            self::Plate => 'Plate',
            self::PlateThenFirst => 'Plate, then first',
        };
    }
}
