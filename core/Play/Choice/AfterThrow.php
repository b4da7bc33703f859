<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Choice;

use FoxCorner\Core\Field\Base;

/**
 * What it costs us when a throw gets its out, when everybody is safe, and when it goes astray; every runner goes one
 * base, but for those who hold.
 */
final readonly class AfterThrow
{
    /** @param array<int, true> $waiting the bases whose runners wait; they move on a wild throw */
    public function __construct(
        private AfterPlay $after,
        private array $waiting = [],
        private bool $batterRuns = true,
    ) {}

    /** The runner who goes to that base is out, the others are where they went. */
    public function out(Base $base): float
    {
        return $this->after->of([$base->value - 1 => null] + $this->onward(1), true);
    }

    /** The runner who goes to that base is out, and the batter at first after him. */
    public function both(Base $base): float
    {
        $outs = [$base->value - 1 => null, AfterPlay::BATTER => null];

        return $this->after->of($outs + $this->onward(1), true);
    }

    public function safe(): float
    {
        return $this->astray(0);
    }

    /** @param int $more bases that a throw past a bag gives everybody */
    public function astray(int $more): float
    {
        return $this->after->of($this->onward(1 + $more));
    }

    /** @return array<int, int> */
    private function onward(int $bases): array
    {
        return $this->after->onward($bases, $this->waiting, $this->batterRuns);
    }

    /**
     * How sure the lead out must be to be worth more than a sure out at first.
     *
     * @return float 0 to 1; 1 when the lead out is never worth it
     */
    public function breakEven(Base $lead): float
    {
        [$safe, $sure, $out] = [$this->safe(), $this->out(Base::First), $this->out($lead)];

        return $out >= $safe ? 1.0 : AfterPlay::breakEven($sure, $out, $safe);
    }
}
