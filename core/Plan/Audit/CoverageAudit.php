<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Audit;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Play\Check\PlayCheck;
use FoxCorner\Core\Play\Clock\PlaySetting;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Family\PlayFamily;
use FoxCorner\Core\Play\Family\Trial;
use FoxCorner\Core\Play\Scheme\Coverage;

/** Tries a coverage against the sample of its family, and keeps the worst case of every fault. */
final readonly class CoverageAudit
{
    /** @param list<PlayCheck> $checks */
    public function __construct(private PlayFamily $family, private array $checks) {}

    /** @param list<Trial> $also what the team walks through besides: its faults count, its figures do not */
    public function of(PlaySetting $setting, Coverage $coverage, array $also = []): CoverageReport
    {
        $play = $this->family->against($setting, $coverage);
        $run = static fn(Trial $trial): Timeline => $play($trial)->timeline();
        $plays = array_map($run, $this->family->trials($setting->state));
        $outs =
            array_sum(array_map(static fn(Timeline $play): float => $play->called()->chance, $plays)) / \count($plays);
        $leads = \count(array_filter($plays, self::takesLead(...))) / \count($plays);

        return new CoverageReport(
            $coverage,
            $this->findings([...$plays, ...array_map($run, $also)]),
            $outs,
            $leads,
            self::skills($plays),
            null === $setting->cost ? [] : $this->costs($plays),
        );
    }

    private static function takesLead(Timeline $play): bool
    {
        return $play->called() === $play->options()[0] && Base::First !== $play->called()->base;
    }

    /**
     * @param non-empty-list<Timeline> $plays
     *
     * @return list<AuditedFinding> worst first
     */
    private function findings(array $plays): array
    {
        $worst = $counts = [];
        foreach ($plays as $play) {
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
        $findings = [];
        foreach ($worst as $identity => $finding) {
            $findings[] = new AuditedFinding(
                $finding,
                $counts[$identity],
                \count($plays),
                $this->family->words()->many,
            );
        }
        usort($findings, static fn(AuditedFinding $a, AuditedFinding $b): int => $b->rank() <=> $a->rank());

        return $findings;
    }

    /**
     * @param non-empty-list<Timeline> $plays
     *
     * @return array<int, array<string, int>> how often each position needs each skill, by number
     */
    private static function skills(array $plays): array
    {
        $skills = [];
        foreach ($plays as $play) {
            foreach ($play->moves as $number => $move) {
                foreach ($move->jobs as $job) {
                    $skills[$number][$job->skill()] = ($skills[$number][$job->skill()] ?? 0) + 1;
                }
            }
        }

        return $skills;
    }

    /**
     * @param non-empty-list<Timeline> $plays
     *
     * @return array<string, float> of an average play by the policy's value
     */
    private function costs(array $plays): array
    {
        $costs = [];
        foreach ($this->family->policies() as $policy) {
            $costs[$policy->value] =
                array_sum(
                    array_map(
                        static fn(Timeline $play): float => $policy->choose($play->options())->cost ?? 0.0,
                        $plays,
                    ),
                ) / \count($plays);
        }

        return $costs;
    }
}
