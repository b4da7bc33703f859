<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Outfield;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Runs\PlayCost;

/** What it costs us when runners end up somewhere: runs in, bases taken, outs. */
final readonly class WhereEnds
{
    private const MOST_RUNS = 4;

    /** @param int $outs before anybody is thrown out; a catch counts */
    public function __construct(private PlayCost $cost, private int $outs) {}

    /**
     * @param array<int, int> $ends  the base where each ends, by the base that he came from
     * @param int|null        $outAt whoever of them is thrown out, by the base that he came from
     * @param bool            $past  a throw has gone past: everybody who is not in goes one base more
     */
    public function of(array $ends, ?int $outAt = null, bool $past = false): float
    {
        [$on, $runs, $outs] = [0, 0, $this->outs];
        foreach ($ends as $from => $base) {
            if ($from === $outAt) {
                ++$outs;
                continue;
            }
            $to = $past ? $base + 1 : $base;
            if ($to >= Base::Home->value) {
                ++$runs;
            } elseif ($to > 0) {
                $on |= 1 << ($to - 1);
            }
        }

        return $this->cost->after($on, min(3, $outs), min(self::MOST_RUNS, $runs));
    }
}
