<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use FoxCorner\Core\Plan\CoverageReport;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Coverage;
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
    public function of(SituationPlan $plan): array
    {
        return array_map(fn(Coverage $coverage): CoverageReport => $this->on($plan, $coverage), $plan->coverages);
    }

    /** @throws \LogicException when the situation has no coverage */
    public function chosen(SituationPlan $plan): CoverageReport
    {
        return $this->on($plan, $plan->coverage ?? throw new \LogicException('No coverage is drawn up here.'));
    }

    private function on(SituationPlan $plan, Coverage $coverage): CoverageReport
    {
        $key = 'report-'.hash('xxh128', serialize([$plan->state, $plan->level, $plan->cast, $plan->policy, $coverage]));

        return $this->cache->get($key, static fn(): CoverageReport => $plan->reportOn($coverage));
    }
}
