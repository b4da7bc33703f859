<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Play\Grid\Aim;
use FoxCorner\Core\Play\Grid\Aims;

/**
 * How sure an out in front must be to be worth more than a sure one at first, by itself and when a second out follows
 * half of the time; runners who need not go have gone.
 *
 * p* = (V nobody out − V out at first) / (V nobody out − V that out); source: the project's model.
 */
final readonly class HowSure
{
    /** How often a second out follows for {@see self::$withTwo}. */
    public const HALF = 0.5;

    /**
     * @param float|null $alone   0 to 1; null: not even a sure one is
     * @param float|null $withTwo likewise; null as well where no second out can follow
     */
    private function __construct(public Base $bag, public ?float $alone, public ?float $withTwo) {}

    /** @return list<self> one for each bag in front of the batter, second base first */
    public static function all(Aims $aims): array
    {
        $first = $aims->all[0];
        $all = [];
        foreach ($aims->all as $aim) {
            if (Base::First !== $aim->bag && !isset($all[$aim->bag->value])) {
                $all[$aim->bag->value] = self::of($aim, $first);
            }
        }
        ksort($all);

        return array_values($all);
    }

    private static function of(Aim $aim, Aim $first): self
    {
        [$none, $one, $both] = $aim->costs[1];
        $sure = $first->costs[1][1];
        $share = static fn(float $gain): ?float => $gain > 0.0 && ($none - $sure) / $gain <= 1.0
            ? max(0.0, ($none - $sure) / $gain)
            : null;

        return new self(
            $aim->bag,
            $share($none - $one),
            null === $aim->then ? null : $share($none - $one + self::HALF * ($one - $both)),
        );
    }
}
