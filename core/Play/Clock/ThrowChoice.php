<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Worth\AfterThrow;

/** Somebody has the ball: the throws that are there, against every runner who wants the next base. */
final readonly class ThrowChoice
{
    /** @param array<int, non-empty-list<Job>> $jobs of everybody, by position number */
    public function __construct(
        private PlaySetting $setting,
        private Possession $ball,
        private array $jobs,
        private Paths $paths,
    ) {}

    /** @return non-empty-list<ThrowOption> lead base first, first base last */
    public function all(): array
    {
        $options = [];
        foreach (array_reverse($this->setting->runners) as $runner) {
            $isForced = $this->setting->situation->bases->forces($runner->base);
            $options[] = $this->at($runner->base->next() ?? Base::Home, $isForced, $runner->secondsOver(1));
        }
        $options[] = $this->at(Base::First, true, $this->setting->threats[Base::First->value]);

        return $options;
    }

    private function at(Base $base, bool $isForce, float $runnerThere): ThrowOption
    {
        $motion = $this->setting->level->motion;
        $throwing = $this->setting->throwing;
        $receiving = Receiving::at($base, $this->jobs, $this->paths);
        $throw = $throwing->to($this->ball, $this->setting->bag($base));
        [$tag, $spread] = $isForce ? [0.0, $motion->forceSpread] : [$motion->tag, $motion->tagSpread];
        $onTime = $runnerThere - $throw->arrives - $tag;
        // Who is late takes the ball late, and tags then.
        $outAt = max($throw->arrives, $receiving->there) + $tag;
        $clean = $throwing->clean($throw, $runnerThere - $outAt);
        $chance = null === $receiving->by ? 0.0 : OutChance::ofMargin($runnerThere - $outAt, $spread) * $clean;
        $after = $this->setting->after;

        return new ThrowOption(
            $base,
            $receiving->by,
            $isForce,
            $throw->released,
            $throw->arrives,
            $receiving->there,
            $outAt,
            $runnerThere,
            $chance,
            OutChance::ofMargin($onTime, $spread) * $throwing->clean($throw, $onTime),
            null === $after
                ? null
                : self::cost($after, $base, $chance, null === $receiving->by ? 0.0 : $clean, $receiving->isBackedUp),
        );
    }

    /** What the try costs on average: the out, the throw that goes astray, everybody safe. */
    private static function cost(AfterThrow $after, Base $base, float $chance, float $clean, bool $isBackedUp): float
    {
        $astray = min(1 - $clean, 1 - $chance);

        return $chance * $after->out($base) +
            $astray * $after->astray($isBackedUp ? 1 : 2) +
            (1 - $chance - $astray) * $after->safe();
    }
}
