<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Running;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Play\Choice\AfterPlay;

/** What it costs us when runners move while the batter waits: bases given by a throw, bases stolen. */
final readonly class Toll
{
    /** Of throws past a bag that leave the field of play, by base: second has the outfield behind it (ours). */
    private const OUT_OF_PLAY = [1 => 0.35, 2 => 0.0, 3 => 0.35, 4 => 0.0];
    /** Bases that a throw in play gives everybody, with and without somebody behind it in time. Source: the model. */
    private const BACKED_UP = 1;
    private const NOBODY_BEHIND = 2;

    public function __construct(private AfterPlay $after) {}

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
        $given = fn(int $bases): float => $this->after->of($this->after->given($bases));
        $inPlay = $given($isBackedUp ? self::BACKED_UP : self::NOBODY_BEHIND);

        return $astray * ($out * $given($fromRubber ? 1 : 2) + (1 - $out) * $inPlay - $this->after->now());
    }

    /** How often a runner must be safe to go at all; whoever is in his way goes with him. */
    public function breakEven(Base $from): float
    {
        $ends = [$from->value => $from->value + 1];
        for ($base = $from->next(); null !== $base && $this->after->isOn($base); $base = $base->next()) {
            $ends[$base->value] = $base->value + 1;
        }
        $safe = $this->after->of($ends);
        $out = $this->after->of([$from->value => null] + $ends);

        return $safe <= $out ? 1.0 : AfterPlay::breakEven($this->after->now(), $safe, $out);
    }
}
