<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\Play\Choice\AfterPlay;
use FoxCorner\Core\Play\Choice\Boldness;
use FoxCorner\Core\Play\Scene\PlaySetting;

/**
 * How far each runner goes, of himself, before anybody throws.
 *
 * The lead runner decides first, by his own time, the arms he sees and what a base more is worth against an out;
 * whoever is behind him goes no farther than he does, and reckons that a throw at the lead runner has to be cut
 * for him.
 */
final readonly class Advance
{
    /** From this chance of an out on the throw is made at the lead runner, and who follows may gain by it (ours). */
    private const DRAWS = 0.03;
    /** Nobody is surer than that. */
    private const SUREST = 0.99;

    /** @var array<int, int> the base where each ends, by the base he came from, lead runner first */
    public array $ends;
    /** @var array<int, int> the base that each has for sure, likewise */
    public array $sure;

    /** @param list<OnTheBases> $runners lead runner first */
    public function __construct(
        private PlaySetting $setting,
        private array $runners,
        private WaysIn $ways,
        private AfterPlay $worth,
        private Boldness $boldness,
        BallKind $kind,
    ) {
        $sure = [];
        foreach ($runners as $runner) {
            $sure[$runner->from] = min(Base::Home->value, $runner->from + $kind->sure());
        }
        $this->sure = $sure;
        $this->ends = $this->decided();
    }

    /**
     * The chance that a runner is out at a base when the ball gets there so.
     *
     * @param float|null $held s at which somebody has it there; null: as it is
     */
    public function out(OnTheBases $runner, WayIn $way, ?float $held = null): float
    {
        $late = $runner->arrivals[$way->base->value] - ($held ?? $way->held()) - $this->setting->level->motion->tag;

        return $way->caught * OutChance::ofMargin($late, $this->spread($runner, $way->base));
    }

    /**
     * How sure a runner must be of the next base for it to pay. With two out each is sent for himself: whoever is
     * behind him does not hold him back.
     *
     * @param array<int, int> $ends where the others are
     */
    public function needs(OnTheBases $runner, int $base, array $ends): float
    {
        [$worth, $others] = $this->worth->isLastOut()
            ? [$this->worth->nobodyOn(), array_intersect_key($ends, [AfterPlay::BATTER => true])]
            : [$this->worth, $ends];
        $stays = $worth->of(self::with($others, $runner->from, $base - 1));
        $there = $worth->of(self::with($others, $runner->from, $base));
        $out = $worth->of(self::with($others, $runner->from, null));
        $share = $there <= $stays ? 1.0 : ($stays - $out) / ($there - $out);

        return min(self::SUREST, max(0.0, $this->boldness->wants($share)));
    }

    private function spread(OnTheBases $runner, Base $base): float
    {
        $bases = $base->value - $runner->from;
        $scatter = $this->setting->level->scatter * sqrt($bases);
        $isKnown =
            0 === $runner->from
                ? null !== $this->setting->state->context->batter->homeToFirst
                : isset($this->setting->state->context->times[$runner->from]);

        return OutChance::spread($this->setting->level->motion->tagSpread, $scatter, $isKnown);
    }

    /** @return array<int, int> where each ends */
    private function decided(): array
    {
        $ends = $this->sure;
        $drawn = null;
        $front = Base::Home->value + 1;
        foreach ($this->runners as $runner) {
            [$to, $throw] = $this->goes($runner, $ends, $drawn, $front);
            $ends[$runner->from] = $to;
            $drawn ??= null === $throw ? null : [$runner, $throw];
            // Whoever is in is in nobody's way.
            $front = Base::Home->value === $to ? Base::Home->value + 1 : $to;
        }

        return $ends;
    }

    /**
     * Base by base, as long as it pays.
     *
     * @param array<int, int>               $ends  where the others are
     * @param array{OnTheBases, WayIn}|null $drawn who in front of him draws a throw, and which
     * @param int                           $front the base that the one in front of him has
     *
     * @return array{int, WayIn|null} the base where he ends, and the throw that he draws; null: nobody throws at him
     */
    private function goes(OnTheBases $runner, array $ends, ?array $drawn, int $front): array
    {
        $to = $this->sure[$runner->from];
        $throw = null;
        for ($base = $to + 1; $base < min($front, Base::Home->value + 1); ++$base) {
            $way = $this->against($runner, $base, self::with($ends, $runner->from, $base), $drawn);
            $out = $this->out($runner, $way);
            if (1 - $out < $this->needs($runner, $base, self::with($ends, $runner->from, $to))) {
                break;
            }
            $to = $base;
            $throw = $out >= self::DRAWS ? $way : null;
        }

        return [$to, $throw];
    }

    /**
     * How the ball would come to a runner's base: after the throw at whoever is in front, but where the defence rather
     * throws at him.
     *
     * @param array<int, int>               $ends  where everybody is if nobody is out
     * @param array{OnTheBases, WayIn}|null $drawn
     */
    private function against(OnTheBases $runner, int $base, array $ends, ?array $drawn): WayIn
    {
        $straight = $this->ways->to(Base::from($base));
        if (null === $drawn || $drawn[1]->base->value === $base) {
            return $straight;
        }
        [$lead, $throw] = $drawn;

        return $this->costs($lead, $throw, $ends) > $this->costs($runner, $straight, $ends)
            ? $straight
            : $this->ways->after($throw, Base::from($base));
    }

    /**
     * What a throw at a runner comes to.
     *
     * @param array<int, int> $ends where everybody is if nobody is out
     */
    private function costs(OnTheBases $runner, WayIn $way, array $ends): float
    {
        $out = $this->out($runner, $way);

        return $out * $this->worth->of(self::with($ends, $runner->from, null)) + (1 - $out) * $this->worth->of($ends);
    }

    /**
     * @param array<int, int> $ends
     * @param int|null        $base null: out
     *
     * @return ($base is null ? array<int, int|null> : array<int, int>)
     */
    private static function with(array $ends, int $from, ?int $base): array
    {
        $ends[$from] = $base;

        return $ends;
    }
}
