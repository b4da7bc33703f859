<?php

declare(strict_types=1);

namespace FoxCorner\Bench;

/** Plain arithmetic that is always the same: how fast the machine is just now. */
final class Reference
{
    private const ROUNDS = 300_000;

    public static function run(): float
    {
        $sum = 0.0;
        for ($round = 1; $round <= self::ROUNDS; ++$round) {
            $sum += sqrt($round) / (1 + exp(-$round / self::ROUNDS));
        }

        return $sum;
    }
}
