<?php

declare(strict_types=1);

namespace FoxCorner\App\Today;

use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Plan\Audit\AuditedFinding;
use FoxCorner\Core\Plan\Audit\AuditedPlay;
use FoxCorner\Core\Plan\Audit\Predictable;
use FoxCorner\Core\Plan\PlannedPlay;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Check\Finding;

/** A finding with the place in the plan where it shows first. */
final readonly class OpenFinding
{
    /**
     * @param float               $rank    larger is worse
     * @param AuditedFinding|null $audited on how many balls it shows, where it is a coverage's
     * @param PlannedPlay|null    $play    whose coverage it is
     */
    private function __construct(
        public Finding $finding,
        public float $rank,
        public Situation $situation,
        public ?AuditedFinding $audited = null,
        public ?PlannedPlay $play = null,
    ) {}

    /**
     * @param list<SituationPlan> $plans
     * @param list<AuditedPlay>   $plays
     *
     * @return list<self> worst first, each fault once
     */
    public static function all(array $plans, array $plays): array
    {
        $open = [];
        foreach ($plans as $plan) {
            foreach ($plan->alignmentFindings() as $finding) {
                $open[$finding->identity()] ??= new self($finding, $finding->weight, $plan->state->situation);
            }
        }
        foreach ($plays as $one) {
            foreach ($one->report->findings as $audited) {
                $open[$audited->worst->identity()] ??= new self(
                    $audited->worst,
                    $audited->rank(),
                    $one->play->plan->state->situation,
                    $audited,
                    $one->play,
                );
            }
        }
        foreach (self::byFamily($plays) as $family => $own) {
            $finding = Predictable::in($own);
            if (null !== $finding) {
                $open["predictable/$family"] = new self($finding, $finding->weight, Situation::fromKey('R1-0'));
            }
        }
        usort($open, static fn(self $a, self $b): int => $b->rank <=> $a->rank);

        return $open;
    }

    /**
     * @param list<AuditedPlay> $plays
     *
     * @return array<string, list<PlannedPlay>>
     */
    private static function byFamily(array $plays): array
    {
        $families = [];
        foreach ($plays as $one) {
            $families[$one->play->family->key()][] = $one->play;
        }

        return $families;
    }
}
