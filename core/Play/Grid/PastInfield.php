<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

use FoxCorner\Core\Play\Ball\Through;

/** What becomes of each ball of a map when nobody of the infield has it. */
final readonly class PastInfield
{
    /**
     * @param list<BallFielded> $balls      by direction, then speed
     * @param list<float>       $extraBases likewise: the share of those that are through on which the batter has two or
     *                                      three
     */
    private function __construct(public array $balls, public array $extraBases) {}

    public static function of(GroundTree $tree, Through $through, GroundBalls $balls): self
    {
        $past = $extra = [];
        foreach ($balls->sprays as $degrees) {
            foreach ($balls->speeds as $mph) {
                $shares = $through->extraBases($degrees, $mph);
                $past[] = $tree->past($shares);
                $extra[] = $shares[0] + $shares[1];
            }
        }

        return new self($past, $extra);
    }
}
