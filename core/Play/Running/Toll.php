<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Running;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Runs\PlayCost;

/** What it costs us when runners move while the batter waits: bases given, bases stolen, outs made. */
final readonly class Toll
{
    /** Of throws past a bag that leave the field of play, by base: second has the outfield behind it (ours). */
    private const OUT_OF_PLAY = [1 => 0.35, 2 => 0.0, 3 => 0.35, 4 => 0.0];
    /** Bases that a throw in play gives everybody, with and without somebody behind it in time. Source: the model. */
    private const BACKED_UP = 1;
    private const NOBODY_BEHIND = 2;

    public function __construct(private PlayCost $cost, private Situation $situation) {}

    public function now(): float
    {
        return $this->cost->now($this->situation);
    }

    /** Every runner goes so many bases. */
    public function given(int $bases): float
    {
        [$on, $runs] = self::moved($this->situation->bases->mask(), $bases);

        return $this->cost->after($on, $this->situation->outs->value, $runs);
    }

    /**
     * Runners are where they ended.
     *
     * @param array<int, int|null> $ends where each ends, by the base that he comes from: 4 home; null: out
     */
    public function after(array $ends): float
    {
        [$on, $runs, $outs] = [$this->situation->bases->mask(), 0, $this->situation->outs->value];
        foreach ($ends as $from => $to) {
            $on &= ~(1 << ($from - 1));
        }
        foreach ($ends as $to) {
            if (null === $to) {
                ++$outs;
            } elseif ($to >= Base::Home->value) {
                ++$runs;
            } else {
                $on |= 1 << ($to - 1);
            }
        }

        return $this->cost->after($on, $outs, $runs);
    }

    /**
     * What a throw that gets by costs more than none at all, times how often it does.
     *
     * @param Base  $base       that it was thrown to
     * @param float $astray     the chance that it gets by
     * @param bool  $fromRubber whether out of play it costs one base, and else two
     */
    public function ofError(Base $base, float $astray, bool $fromRubber, bool $isBackedUp): float
    {
        $out = self::OUT_OF_PLAY[$base->value];
        $inPlay = $this->given($isBackedUp ? self::BACKED_UP : self::NOBODY_BEHIND);

        return $astray * ($out * $this->given($fromRubber ? 1 : 2) + (1 - $out) * $inPlay - $this->now());
    }

    /** How often a runner must be safe to go at all; whoever is in his way goes with him. */
    public function breakEven(Base $from): float
    {
        $ends = [$from->value => $from->value + 1];
        for ($base = $from->next(); null !== $base && $this->situation->bases->has($base); $base = $base->next()) {
            $ends[$base->value] = $base->value + 1;
        }
        $safe = $this->after($ends);
        $out = $this->after([$from->value => null] + $ends);

        return $safe <= $out ? 1.0 : max(0.0, min(1.0, ($this->now() - $out) / ($safe - $out)));
    }

    /** @return array{int, int} bases occupied, and how many are in */
    private static function moved(int $mask, int $bases): array
    {
        $line = $mask << $bases;
        $runs = 0;
        for ($bit = 3; $bit <= 6; ++$bit) {
            $runs += ($line >> $bit) & 1;
        }

        return [$line & Bases::Loaded->mask(), $runs];
    }
}
