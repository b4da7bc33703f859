<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Choice;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Runs\PlayCost;

/** What a play costs us, by where everybody is when it is over. */
final readonly class AfterPlay
{
    /** The base that the batter comes from. */
    public const BATTER = 0;
    /** What an out must cost more than the foul strike, late in a close game, before it is refused (ours). */
    public const REFUSED = 0.02;

    /** @var array<int, int> where everybody is before it, by his base */
    private array $standing;
    private int $outs;

    /** @param int $made outs that are made already, as by a catch */
    public function __construct(private PlayCost $cost, Situation $situation, int $made = 0)
    {
        $standing = [];
        foreach ($situation->bases->occupied() as $base) {
            $standing[$base->value] = $base->value;
        }
        [$this->standing, $this->outs] = [$standing, $situation->outs->value + $made];
    }

    public function isOn(Base $base): bool
    {
        return isset($this->standing[$base->value]);
    }

    /** Whether the next out ends the half-inning. */
    public function isLastOut(): bool
    {
        return Outs::Two->value === $this->outs;
    }

    /** The same outs, and nobody on but who is named. */
    public function nobodyOn(): self
    {
        return new self($this->cost, Situation::of(Bases::Empty, Outs::None), $this->outs);
    }

    public function now(): float
    {
        return $this->of([]);
    }

    /**
     * Whoever is not named is where he was; a batter who is not named is nowhere yet.
     *
     * @param array<int, int|null> $ends  where each is, by the base that he comes from: 4 or more home; null: out
     * @param bool                 $noRun with a third out none counts, as on a force
     */
    public function of(array $ends, bool $noRun = false): float
    {
        [$on, $runs, $outs] = [0, 0, $this->outs];
        foreach ($ends + $this->standing as $to) {
            if (null === $to) {
                ++$outs;
            } elseif ($to >= Base::Home->value) {
                ++$runs;
            } elseif ($to > self::BATTER) {
                $on |= Bases::bit($to);
            }
        }

        return $this->cost->after($on, min(3, $outs), $noRun && $outs > 2 ? 0 : min(PlayCost::MOST_RUNS, $runs));
    }

    /**
     * Where the runners are when each has gone so many bases; the batter waits.
     *
     * @return array<int, int> by the base that he comes from
     */
    public function given(int $bases): array
    {
        return $this->onward($bases, batterRuns: false);
    }

    /**
     * The same where some wait, and the batter may run too.
     *
     * @param array<int, true> $waiting whose runners start a base later, by the base
     *
     * @return array<int, int> by the base that he comes from
     */
    public function onward(int $bases, array $waiting = [], bool $batterRuns = true): array
    {
        $ends = $batterRuns ? [self::BATTER => $bases] : [];
        foreach ($this->standing as $base) {
            $ends[$base] = $base + $bases - (int) isset($waiting[$base]);
        }

        return $ends;
    }

    /**
     * How sure somebody must be of a gain for it to be worth a loss: p* = (now − lost) / (gained − lost), whichever
     * side gains. Source: the project's model.
     *
     * @return float 0 to 1; 1 when it is never worth it
     */
    public static function breakEven(float $now, float $gained, float $lost): float
    {
        return abs($gained - $lost) < 1e-12 ? 1.0 : max(0.0, min(1.0, ($now - $lost) / ($gained - $lost)));
    }
}
