<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Audit;

use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Runs\Visits;
use FoxCorner\Core\Value\ButFor;

/** What is asked of a play of the plan by those who look over all of it: small, and without the coverage itself. */
final readonly class PlaySummary
{
    use ButFor;

    /**
     * @param string               $coverage the name of the one that is on
     * @param string               $call     what is called for it
     * @param bool                 $isChoice whether there are others
     * @param float                $perGame  how often it comes up
     * @param list<AuditedFinding> $findings faults, worst first
     */
    private function __construct(
        public Situation $situation,
        public PlayFamily $family,
        public string $coverage,
        public string $call,
        public bool $isChoice,
        public float $perGame,
        public array $findings,
    ) {}

    /** @param Visits|null $visits of the plan's level, where they are known already */
    public static function of(AuditedPlay $audited, ?Visits $visits = null): self
    {
        [$play, $report, $plan] = [$audited->play, $audited->report, $audited->play->plan];
        $visits ??= Visits::of($plan->level->rates, $plan->level->advancement());

        return new self(
            $plan->state->situation,
            $play->family,
            $report->coverage->name,
            $report->coverage->call,
            \count($play->coverages) > 1,
            $visits->in($plan->state->situation) *
                $plan->state->rules->innings *
                $play->family->perPlateAppearance($plan->scene()),
            $report->findings,
        );
    }

    /** What was found without names, with the names of these nine. */
    public function named(Lineup $lineup): self
    {
        return [] === $this->findings
            ? $this
            : $this->but(
                findings: array_map(
                    static fn(AuditedFinding $one): AuditedFinding => $one->named($lineup),
                    $this->findings,
                ),
            );
    }
}
