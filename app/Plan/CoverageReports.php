<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use FoxCorner\Core\Play\Bunt\BuntCoverage;
use FoxCorner\Core\Runs\PlayCost;
use FoxCorner\Core\Plan\CoverageReport;
use FoxCorner\Core\Plan\SituationPlan;
use Symfony\Contracts\Cache\CacheInterface;

/**
 * What each coverage of a situation is worth, kept by all that it depends on.
 *
 * The core is a pure function of these, so nothing ever has to be invalidated.
 */
final readonly class CoverageReports
{
    public function __construct(private CacheInterface $cache)
    {
    }

    /** @return list<CoverageReport> in the order of the plan's coverages */
    public function of(SituationPlan $plan, ?PlayCost $cost = null): array
    {
        return array_map(fn(BuntCoverage $coverage): CoverageReport => $this->on($plan, $coverage, $cost), $plan->coverages);
    }

    /** @throws \LogicException when the situation has no coverage */
    public function chosen(SituationPlan $plan, ?PlayCost $cost = null): CoverageReport
    {
        return $this->on($plan, $plan->coverage ?? throw new \LogicException('No coverage is drawn up here.'), $cost);
    }

    private function on(SituationPlan $plan, BuntCoverage $coverage, ?PlayCost $cost): CoverageReport
    {
        $key = 'report-'.hash('xxh128', serialize([$plan->state, $plan->level, $plan->cast, $plan->policy, $coverage, $cost]));

        return $this->cache->get($key, static fn(): CoverageReport => $plan->reportOn($coverage, $cost));
    }
}
