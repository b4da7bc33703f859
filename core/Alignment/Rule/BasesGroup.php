<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Rule;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\Bases;

/** Runner states that coaches speak of together. */
enum BasesGroup
{
    case RunnerOnFirst;
    case RunnerOnThird;
    case NobodyOnFirstOneOnThird;
    case FirstOnlySecondFree;
    case NobodyOnThird;

    /** @return list<Bases> */
    public function bases(): array
    {
        return array_values(
            array_filter(
                Bases::cases(),
                fn(Bases $bases): bool => match ($this) {
                    self::RunnerOnFirst => $bases->has(Base::First),
                    self::RunnerOnThird => $bases->has(Base::Third),
                    self::NobodyOnFirstOneOnThird => $bases->has(Base::Third) && !$bases->has(Base::First),
                    self::FirstOnlySecondFree => $bases->has(Base::First) && !$bases->has(Base::Second),
                    self::NobodyOnThird => !$bases->has(Base::Third),
                },
            ),
        );
    }

    public function label(): string
    {
        return match ($this) {
            self::RunnerOnFirst => 'runner on first',
            self::RunnerOnThird => 'runner on third',
            self::NobodyOnFirstOneOnThird => 'runner on third, first empty',
            self::FirstOnlySecondFree => 'runner on first, second free',
            self::NobodyOnThird => 'nobody on third',
        };
    }

    /** @param list<Bases> $bases */
    public function isExactly(array $bases): bool
    {
        $own = $this->bases();

        return \count($own) === \count($bases) &&
            [] === array_filter($own, static fn(Bases $one): bool => !\in_array($one, $bases, true));
    }
}
