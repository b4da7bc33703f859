<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use FoxCorner\App\Plan\Codec\Fingerprint;
use FoxCorner\App\Shared\Kept\Figures;
use FoxCorner\Core\Plan\Audit\AuditedPlay;
use FoxCorner\Core\Plan\Audit\CoverageReport;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Runs\PlayCost;

/** What each coverage of a situation is worth, kept by all that it depends on. */
final readonly class CoverageReports
{
    /** Reports after which they are kept, so that what a worker has found by then is there for pages. */
    private const AT_ONCE = 12;

    public function __construct(private Figures $figures, private KnownMarks $marks) {}

    /** @return list<CoverageReport> in the order of the play's coverages, with the names of the nine */
    public function of(PlannedPlay $play, ?PlayCost $cost = null): array
    {
        $reported = $this->reported(
            array_map(static fn(Coverage $coverage): PlannedPlay => $play->trying($coverage), $play->coverages),
            $cost,
        );

        return array_map(static fn(AuditedPlay $one): CoverageReport => $one->named()->report, $reported);
    }

    /** @throws \LogicException when the situation has no coverage */
    public function chosen(PlannedPlay $play, ?PlayCost $cost = null): CoverageReport
    {
        return $this->reported([$play], $cost)[0]->named()->report;
    }

    /**
     * Plays with what their coverages are worth, without names: those that are known, and so many others as are
     * reckoned now; the rest is left out.
     *
     * @param list<PlannedPlay> $plays with a coverage
     *
     * @return list<AuditedPlay> in the order of the plays
     */
    public function reported(array $plays, ?PlayCost $cost, int $most = \PHP_INT_MAX): array
    {
        $marks = array_map(fn(PlannedPlay $play): string => $this->mark($play, $cost), $plays);
        $known = $this->figures->allKnown(KeptReport::class, $marks);
        $new = $reported = [];
        foreach ($plays as $at => $play) {
            $mark = $marks[$at];
            if (!isset($known[$mark]) && $most-- > 0) {
                $unnamed = $play->standing($this->marks->unnamed($play->plan));
                $new[$mark] = $known[$mark] = KeptReport::of($unnamed->report($cost));
                if (\count($new) >= self::AT_ONCE) {
                    $this->figures->keep(KeptReport::class, $new);
                    $new = [];
                }
            }
            if (isset($known[$mark])) {
                $reported[] = new AuditedPlay($play, $known[$mark]->on(self::coverage($play)));
            }
        }
        $this->figures->keep(KeptReport::class, $new);

        return $reported;
    }

    private function mark(PlannedPlay $play, ?PlayCost $cost): string
    {
        $plan = $this->marks->unnamed($play->plan);

        return Fingerprint::of([
            $play->family->key(),
            $this->marks->of($plan->state, $plan->level, $plan->cast, $plan->byRules),
            $play->policy,
            $play->lines,
            self::coverage($play),
            null === $cost ? '' : $this->marks->of($cost),
            $play->isOwnSheet() ? $play->sheet() : [],
        ]);
    }

    private static function coverage(PlannedPlay $play): Coverage
    {
        return $play->coverage ?? throw new \LogicException('No coverage is drawn up here.');
    }
}
