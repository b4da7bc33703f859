<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Range\RangeSummary;
use FoxCorner\Core\Runs\PlayCost;
use Symfony\Contracts\Cache\CacheInterface;

/** What an alignment gets of ground balls, kept by all that it depends on, like {@see CoverageReports}. */
final readonly class RangeSummaries
{
    public function __construct(private CacheInterface $cache, private KnownMarks $marks) {}

    public function of(SituationPlan $plan, PlayCost $cost): RangeSummary
    {
        $plan = $this->marks->unnamed($plan);
        $key = 'range-' . $this->marks->of($plan->state, $plan->level, $plan->cast, $cost);

        return $this->cache->get($key, static fn(): RangeSummary => $plan->range($cost)->summary);
    }
}
