<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\Play\Choice\AfterPlay;
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
     * How sure a runner must be of the next base for it to pay.
     *
     * @param array<int, int> $ends where the others are
     */
    public function needs(OnTheBases $runner, int $base, array $ends): float
    {
        $stays = $this->worth->of(self::with($ends, $runner->from, $base - 1));
        $there = $this->worth->of(self::with($ends, $runner->from, $base));
        $out = $this->worth->of([$runner->from => null] + $ends);
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
            $drawn ??= $throw;
            // Whoever is in is in nobody's way.
            $front = Base::Home->value === $to ? Base::Home->value + 1 : $to;
        }

        return $ends;
    }

    /**
     * Base by base, as long as it pays.
     *
     * @param array<int, int> $ends  where the others are
     * @param int             $front the base that the one in front of him has
     *
     * @return array{int, WayIn|null} the base where he ends, and the throw that he draws; null: nobody throws at him
     */
    private function goes(OnTheBases $runner, array $ends, ?WayIn $drawn, int $front): array
    {
        $to = $this->sure[$runner->from];
        $throw = null;
        for ($base = $to + 1; $base < min($front, Base::Home->value + 1); ++$base) {
            $way = $this->against($base, $drawn);
            $out = $this->out($runner, $way);
            if (1 - $out < $this->needs($runner, $base, self::with($ends, $runner->from, $to))) {
                break;
            }
            $to = $base;
            $throw = $out >= self::DRAWS ? $way : null;
        }

        return [$to, $throw];
    }

    private function against(int $base, ?WayIn $drawn): WayIn
    {
        return null === $drawn || $drawn->base->value === $base
            ? $this->ways->to(Base::from($base))
            : $this->ways->after($drawn, Base::from($base));
    }

    /**
     * @param array<int, int> $ends
     *
     * @return array<int, int>
     */
    private static function with(array $ends, int $from, int $base): array
    {
        $ends[$from] = $base;

        return $ends;
    }
}
