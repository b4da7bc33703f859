<?php

declare(strict_types=1);

namespace FoxCorner\App\Today;

use FoxCorner\Core\Play\Check\Moment;

/** Who is where first: the throw, the fielder and the runner on one bar of seconds. */
final readonly class Race
{
    /** Share of the bar that lies behind the last one, and that a label needs. */
    private const REST = 0.04;
    private const LABEL = 0.17;

    /** @param list<array{who: int|null, seconds: float, x: float, label: float}> $marks shares of the bar, in order */
    private function __construct(public array $marks, public float $from, public float $to) {}

    public static function of(Moment $moment): self
    {
        $there = array_filter($moment->there, is_finite(...));
        asort($there);
        $all = [];
        foreach ($there as $who => $seconds) {
            $all[] = ['who' => $who, 'seconds' => $seconds];
        }
        if (null !== $moment->throw) {
            $all[] = ['who' => null, 'seconds' => $moment->throw->ballThere];
        }
        if (\count($all) < 2 || [] === $there) {
            return new self([], 0.0, 0.0);
        }
        usort($all, static fn(array $a, array $b): int => $a['seconds'] <=> $b['seconds']);
        $scale = (1.0 - self::REST) / $all[\count($all) - 1]['seconds'];
        $marks = [];
        $free = 1.0;
        foreach (array_reverse($all) as $mark) {
            $x = $scale * $mark['seconds'];
            $label = min($x, $free - self::LABEL / 2);
            $free = $label - self::LABEL / 2;
            $marks[] = [...$mark, 'x' => $x, 'label' => $label];
        }
        $late = $moment->who[0] ?? null;

        return new self(array_reverse($marks), $scale * $moment->seconds, $scale * ($there[$late] ?? $moment->seconds));
    }
}
