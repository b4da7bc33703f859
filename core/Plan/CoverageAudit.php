<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Play\LeadOutPolicy;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\Plan\Check\PlayCheck;
use FoxCorner\Core\Play\PlayFamily;
use FoxCorner\Core\Play\PlayQuestion;

/** Tries a coverage against many balls, and keeps the worst case of every fault. */
final readonly class CoverageAudit
{
    /** @param list<PlayCheck> $checks */
    public function __construct(private PlayFamily $family, private array $checks)
    {
    }

    /** @param non-empty-list<RollingBall> $balls */
    public function of(PlayQuestion $question, array $balls): CoverageReport
    {
        $worst = $counts = $skills = [];
        $outs = $leadOuts = 0.0;
        $policies = [];
        foreach ($balls as $ball) {
            $play = $this->family->run($question->withBall($ball));
            $outs += $play->called->chance;
            $leadOuts += $play->called === $play->options[0] && Base::First !== $play->called->base ? 1 : 0;
            foreach (null === $question->cost ? [] : LeadOutPolicy::cases() as $policy) {
                $policies[$policy->value] = ($policies[$policy->value] ?? 0.0) + ($policy->choose($play->options)->cost ?? 0.0) / \count($balls);
            }
            foreach ($play->moves as $number => $move) {
                foreach ($move->jobs as $job) {
                    $skills[$number][$job->skill()] = ($skills[$number][$job->skill()] ?? 0) + 1;
                }
            }
            foreach ($this->checks as $check) {
                foreach ($check->findings($play) as $finding) {
                    $identity = $finding->identity();
                    $counts[$identity] = ($counts[$identity] ?? 0) + 1;
                    if ($finding->weight > ($worst[$identity]->weight ?? -1.0)) {
                        $worst[$identity] = $finding;
                    }
                }
            }
        }
        $findings = array_map(static fn(string $identity, Finding $finding): AuditedFinding => new AuditedFinding($finding, $counts[$identity], \count($balls)), array_keys($worst), $worst);
        usort($findings, static fn(AuditedFinding $a, AuditedFinding $b): int => $b->rank() <=> $a->rank());

        return new CoverageReport($question->coverage, $findings, $outs / \count($balls), $leadOuts / \count($balls), $skills, $policies);
    }
}
