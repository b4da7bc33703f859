<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Play\Scheme\Branch;

/** What a ball to the outfield is to the defence: it decides who goes where. */
enum BallKind: string
{
    /** One base: a cutoff man, everybody else at a bag or behind one. */
    case Single = 'single';
    /** Two bases are sure, and one throw, or one relay, brings it in. */
    case Double = 'double';
    /** Two bases are sure and the outfielder has his back turned: two men go out for his throw. */
    case Tandem = 'tandem';
    /** The batter is out; runners may tag up. */
    case Caught = 'caught';

    private const QUESTION = 'ball';

    public function label(): string
    {
        return match ($this) {
            self::Single => 'Single',
            self::Double => 'Extra bases',
            self::Tandem => 'Over him',
            self::Caught => 'Caught',
        };
    }

    /** As an end of "7 has". */
    public function one(): string
    {
        return match ($this) {
            self::Single => 'a single',
            self::Double => 'one for extra bases',
            self::Tandem => 'one over him',
            self::Caught => 'caught it',
        };
    }

    /** Bases that everybody has for sure. */
    public function sure(): int
    {
        return match ($this) {
            self::Caught => 0,
            self::Single => 1,
            self::Double, self::Tandem => 2,
        };
    }

    /** The base that the throw is for: one ahead of the runner who decides. */
    public function base(Bases $bases): Base
    {
        [$first, $second, $third] = [$bases->has(Base::First), $bases->has(Base::Second), $bases->has(Base::Third)];

        return match ($this) {
            self::Single => $second ? Base::Home : ($first ? Base::Third : Base::Second),
            self::Double, self::Tandem => $first ? Base::Home : Base::Third,
            self::Caught => $third ? Base::Home : ($second ? Base::Third : Base::Second),
        };
    }

    public function branch(): Branch
    {
        return Branch::when(self::QUESTION, $this->value, strtolower($this->label()));
    }
}
