<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Audit;

use FoxCorner\Core\Play\Check\Finding;
use FoxCorner\Core\Play\Check\PlayCheck;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Scheme\Trial;

/** Of every fault that plays show the worst case, with its ball, and on how many of them it shows. */
final readonly class WorstCases
{
    /** @param list<array{Finding, int, Trial, PlayCheck}> $cases */
    private function __construct(public array $cases, public int $plays) {}

    /**
     * @param non-empty-list<Timeline> $plays
     * @param list<PlayCheck>          $checks
     */
    public static function of(array $plays, array $checks): self
    {
        $cases = [];
        foreach ($plays as $play) {
            foreach ($checks as $check) {
                foreach ($check->findings($play) as $finding) {
                    [$worst, $balls, $trial] = $cases[$finding->identity()] ?? [$finding, 0, $play->trial];
                    $cases[$finding->identity()] =
                        $finding->weight > $worst->weight
                            ? [$finding, $balls + 1, $play->trial, $check]
                            : [$worst, $balls + 1, $trial, $check];
                }
            }
        }

        return new self(array_values($cases), \count($plays));
    }
}
