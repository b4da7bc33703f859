<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Worth;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Runs\PlayCost;

/**
 * What it costs us when a throw gets its out, when everybody is safe, and when it goes astray; every runner goes one
 * base, but for those who hold.
 */
final readonly class AfterThrow
{
    /** @param int $held the bases whose runners wait: 1 first, 2 second, 4 third, added; they move on a wild throw */
    public function __construct(private PlayCost $cost, private Situation $situation, private int $held = 0) {}

    /** The runner who goes to that base is out, the others are where they went. */
    public function out(Base $base): float
    {
        [$on, $runs] = $this->advanced(1);
        $bit = Base::Home === $base ? 0 : 1 << ($base->value - 1);

        return $this->cost->after(
            $on & ~$bit,
            $this->situation->outs->value + 1,
            $this->situation->outs->value > 1 ? 0 : (Base::Home === $base ? max(0, $runs - 1) : $runs),
        );
    }

    /** The runner who goes to that base is out, and the batter at first after him. */
    public function both(Base $base): float
    {
        [$on, $runs] = $this->advanced(1);
        $outs = $this->situation->outs->value + 2;
        $bit = Base::Home === $base ? 0 : 1 << ($base->value - 1);

        return $this->cost->after(
            $on & ~$bit & ~1,
            $outs,
            $outs > 2 ? 0 : (Base::Home === $base ? max(0, $runs - 1) : $runs),
        );
    }

    public function safe(): float
    {
        return $this->astray(0);
    }

    /** @param int $more bases that a throw past a bag gives everybody */
    public function astray(int $more): float
    {
        [$on, $runs] = $this->advanced(1 + $more);

        return $this->cost->after($on, $this->situation->outs->value, min(4, $runs));
    }

    /**
     * How sure the lead out must be to be worth more than a sure out at first.
     *
     * p* = (V all safe − V sure out) / (V all safe − V lead out); source: the project's model.
     *
     * @return float 0 to 1; 1 when the lead out is never worth it
     */
    public function breakEven(Base $lead): float
    {
        [$safe, $sure, $out] = [$this->safe(), $this->out(Base::First), $this->out($lead)];

        return $out >= $safe ? 1.0 : max(0.0, min(1.0, ($safe - $sure) / ($safe - $out)));
    }

    /** @return array{int, int} who is on when batter and runners have gone so many bases, and how many are in */
    private function advanced(int $bases): array
    {
        // The batter is a runner who stands on a base before first.
        $goes = $this->situation->bases->mask() & ~$this->held;
        $line = ((($goes << 1) | 1) << $bases) | (($this->held << 1) << ($bases - 1));
        $runs = 0;
        for ($bit = 4; $bit <= 8; ++$bit) {
            $runs += ($line >> $bit) & 1;
        }

        return [($line >> 1) & 7, $runs];
    }
}
