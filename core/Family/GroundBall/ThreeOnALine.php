<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Position;

/** A triple play on a line drive: at whom it is likeliest, and in which order the bags are taken. */
final readonly class ThreeOnALine
{
    /** Chance under which it is not spoken of. */
    private const HARDLY = 0.05;

    private function __construct(public Position $at, public Base $first, public Base $then, public float $chance) {}

    /** @param list<CaughtLiner> $liners with nobody out */
    public static function of(array $liners): ?self
    {
        $best = null;
        foreach ($liners as $liner) {
            foreach ($liner->runners() as $first) {
                foreach ($liner->runners() as $then) {
                    $chance = $first === $then ? 0.0 : $liner->both($first, $then);
                    if ($chance > ($best->chance ?? self::HARDLY)) {
                        $best = new self($liner->at, $first, $then, $chance);
                    }
                }
            }
        }

        return $best;
    }
}
