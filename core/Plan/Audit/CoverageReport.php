<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Audit;

use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\Play\Check\Finding;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Contract\OffenceLine;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Value\ButFor;

/** What a coverage is worth against the balls that it was tried on. */
final readonly class CoverageReport
{
    use ButFor;

    /**
     * @param list<AuditedFinding>           $findings     faults, worst first
     * @param list<AuditedFinding>           $prices       what the coverage gives up whoever plays it, likewise
     * @param float                          $outs         of a ball, 0 to 1
     * @param float                          $leadOutShare of the balls, 0 to 1, on which the lead out is called
     * @param array<int, array<string, int>> $skills       on how many of the plays each position needs each skill
     * @param array<string, float>           $costs        of an average ball by the policy's value, or of all that they
     *                                                     may do; empty when nothing was asked of cost
     * @param list<OffenceLine>              $offence      what they may do, where the family weighs that
     * @param int                            $plays        of its family that it was tried on
     */
    public function __construct(
        public Coverage $coverage,
        public array $findings,
        public array $prices,
        public float $outs,
        public float $leadOutShare,
        public array $skills,
        public array $costs = [],
        public array $offence = [],
        public int $plays = 1,
    ) {}

    /** What was found without names, with the names of these nine. */
    public function named(Lineup $lineup): self
    {
        $named = static fn(AuditedFinding $one): AuditedFinding => $one->named($lineup);

        return $this->but(findings: array_map($named, $this->findings), prices: array_map($named, $this->prices));
    }

    /**
     * What it costs on average when the ball is one that it is drawn up for, and when it is not.
     *
     * @return array{float, float}|null null where nothing is known of the one or the other
     */
    public function parted(OutPolicy $policy): ?array
    {
        $sums = $shares = [0.0, 0.0];
        foreach ($this->offence as $line) {
            $part = $line->isMet ? 0 : 1;
            $sums[$part] += $line->share * $line->cost($policy);
            $shares[$part] += $line->share;
        }

        return $shares[0] > 0.0 && $shares[1] > 0.0 ? [$sums[0] / $shares[0], $sums[1] / $shares[1]] : null;
    }

    /** How likely the ball is one that it is drawn up for. */
    public function met(): float
    {
        return OffenceLine::met($this->offence);
    }

    /** Whether this coverage has the same fault of the same fielder at the same bag. */
    public function has(Finding $finding): bool
    {
        foreach ($this->findings as $audited) {
            if ($audited->worst->identity() === $finding->identity()) {
                return true;
            }
        }

        return false;
    }
}
