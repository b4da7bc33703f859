<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use FoxCorner\App\Plan\Codec\Fingerprint;
use FoxCorner\Core\Plan\Audit\AuditedPlay;
use FoxCorner\Core\Plan\Audit\CoverageReport;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Runs\PlayCost;
use Symfony\Contracts\Cache\CacheInterface;

/**
 * What each coverage of a situation is worth, kept by all that it depends on.
 *
 * The core is a pure function of these, so nothing ever has to be invalidated.
 */
final readonly class CoverageReports
{
    public function __construct(private CacheInterface $cache, private KnownMarks $marks) {}

    /** @return list<CoverageReport> in the order of the play's coverages */
    public function of(PlannedPlay $play, ?PlayCost $cost = null): array
    {
        return array_map(
            fn(Coverage $coverage): CoverageReport => $this->on($play, $coverage, $cost),
            $play->coverages,
        );
    }

    /** @throws \LogicException when the situation has no coverage */
    public function chosen(PlannedPlay $play, ?PlayCost $cost = null): CoverageReport
    {
        return $this->on($play, $play->coverage ?? throw new \LogicException('No coverage is drawn up here.'), $cost);
    }

    /**
     * @param list<PlannedPlay> $plays with a coverage
     *
     * @return list<AuditedPlay>
     */
    public function audited(array $plays, PlayCost $cost): array
    {
        return array_map(
            fn(PlannedPlay $play): AuditedPlay => new AuditedPlay($play, $this->chosen($play, $cost)),
            $plays,
        );
    }

    private function on(PlannedPlay $play, Coverage $coverage, ?PlayCost $cost): CoverageReport
    {
        $plan = $this->marks->unnamed($play->plan);
        $unnamed = $play->standing($plan);
        $key = Fingerprint::of([
            $play->family->key(),
            $this->marks->of($plan->state, $plan->level, $plan->cast, $plan->byRules),
            $play->policy,
            $play->lines,
            $coverage,
            null === $cost ? '' : $this->marks->of($cost),
            $play->isOwnSheet() ? $play->sheet() : [],
        ]);

        return $this->cache
            ->get("report-$key", static fn(): CoverageReport => $unnamed->reportOn($coverage, $cost))
            ->named($play->plan->lineup);
    }
}
