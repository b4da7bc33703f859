<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Audit;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Check\Finding;
use FoxCorner\Core\Play\Check\PlayCheck;
use FoxCorner\Core\Play\Clock\Play;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Contract\OffenceLine;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Play\Contract\WeighsOffence;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Play\Scheme\Verb;

/** Tries a coverage against the sample of its family, and keeps the worst case of every fault. */
final readonly class CoverageAudit
{
    /** Outs, or bases, of one ball of the sample: what costs less is not worth a coach's attention (ours). */
    private const WORTH = 0.01;
    /**
     * Where the balls that a coverage is drawn up for are rarer than this, a moment late is no fault before it costs so
     * many outs of one ball: rarity discounts hundredths, never a bag (ours).
     */
    private const RARE = 0.03;
    private const WORTH_IF_RARE = 0.05;
    /** Bases beyond the lead runner's that one can be after. */
    private const REACHED = 2;

    /**
     * @param list<PlayCheck>   $checks
     * @param \Closure(): Scene $ordinary the same with nine of the level where the rules put them: what is wrong
     *                                    with them too is the coverage's price, and nobody's fault
     */
    public function __construct(
        private PlayFamily $family,
        private array $checks,
        private \Closure $ordinary,
        private Mender $mender,
    ) {}

    /** @param list<Trial> $also what the team walks through besides: its faults count, its figures do not */
    public function of(Scene $scene, Coverage $coverage, array $also = []): CoverageReport
    {
        $play = $this->family->against($scene, $coverage);
        $run = static fn(Trial $trial): Timeline => $play($trial)->timeline();
        $tried = array_map($play, $this->family->trials($scene));
        $plays = array_map(static fn(Play $one): Timeline => $one->timeline(), $tried);
        $outs =
            array_sum(array_map(static fn(Timeline $play): float => $play->called()->chance, $plays)) / \count($plays);
        $leads = \count(array_filter($plays, self::takesLead(...))) / \count($plays);
        $offence =
            $this->family instanceof WeighsOffence && null !== $scene->cost
                ? $this->family->offence($scene, $coverage, $tried)
                : [];

        $found = WorstCases::of([...$plays, ...array_map($run, $also)], $this->checks);
        [$faults, $prices] = $this->sorted($found, $scene, $coverage, $offence);

        return new CoverageReport(
            $coverage,
            $faults,
            $prices,
            $outs,
            $leads,
            $this->skills($plays),
            match (true) {
                null === $scene->cost => [],
                [] === $offence => $this->costs($plays),
                default => $this->weighed($offence),
            },
            $offence,
            \count($plays),
        );
    }

    private static function takesLead(Timeline $play): bool
    {
        return $play->called() === $play->options()[0] && Base::First !== $play->called()->base;
    }

    /**
     * @param list<OffenceLine> $offence
     *
     * @return array{list<AuditedFinding>, list<AuditedFinding>} faults, and what is the coverage's price; worst first
     */
    private function sorted(WorstCases $found, Scene $scene, Coverage $coverage, array $offence): array
    {
        $faults = $prices = [];
        $many = $this->family->words()->many;
        $isRare = [] !== $offence && OffenceLine::met($offence) < self::RARE;
        $worth = $isRare ? self::WORTH_IF_RARE : self::WORTH;
        $against = fn(Scene $in): \Closure => $this->family->against($in, $coverage);
        $ordinary = null;
        foreach ($found->cases as [$finding, $balls, $worst, $check]) {
            if ($finding->isClose && ($finding->weight * $balls) / $found->plays < $worth) {
                continue;
            }
            if (
                $finding->isClose &&
                self::isThere($check, $finding, $worst, $ordinary ??= $against(($this->ordinary)()))
            ) {
                $prices[] = new AuditedFinding($finding, $balls, $found->plays, $many, $worst);
                continue;
            }
            $mend = $this->mender->of(
                $finding,
                static fn(Position $who, Point $to): bool => !self::isThere(
                    $check,
                    $finding,
                    $worst,
                    $against($scene->moved($who, $to)),
                ),
            );
            $faults[] = new AuditedFinding($finding, $balls, $found->plays, $many, $worst, $mend);
        }

        return [self::worstFirst($faults), self::worstFirst($prices)];
    }

    /**
     * Whether a ball shows a fault.
     *
     * @param \Closure(Trial): Play $against as {@see PlayFamily::against()}
     */
    private static function isThere(PlayCheck $check, Finding $finding, Trial $trial, \Closure $against): bool
    {
        foreach ($check->findings($against($trial)->timeline()) as $other) {
            if ($other->identity() === $finding->identity()) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<AuditedFinding> $findings
     *
     * @return list<AuditedFinding>
     */
    private static function worstFirst(array $findings): array
    {
        usort($findings, static fn(AuditedFinding $a, AuditedFinding $b): int => $b->rank() <=> $a->rank());

        return $findings;
    }

    /**
     * @param non-empty-list<Timeline> $plays
     *
     * @return array<int, array<string, int>> how often each position needs each skill, by number
     */
    private function skills(array $plays): array
    {
        $skills = [];
        foreach ($plays as $play) {
            $inPlay = self::inPlay($play);
            foreach ($play->moves as $number => $move) {
                foreach ($move->jobs as $job) {
                    $isAsked = null === $job->base || isset($inPlay[$job->base->value]);
                    $skill = (Verb::Field === $job->verb ? $this->family->words()->fields : $job->skill())->value;
                    if ($isAsked) {
                        $skills[$number][$skill] = ($skills[$number][$skill] ?? 0) + 1;
                    }
                }
            }
        }

        return $skills;
    }

    /** @return array<int, true> bags where a runner could be out, or go; nothing hangs on a job at another */
    private static function inPlay(Timeline $play): array
    {
        $inPlay = null === $play->for ? [] : [$play->for->value => true];
        $lead = 0;
        foreach ($play->setting->situation->bases->occupied() as $base) {
            $lead = $base->value;
        }
        // A runner takes a base more where it is left; nobody takes two.
        foreach (array_keys($play->setting->threats) as $base) {
            if ($base <= $lead + self::REACHED) {
                $inPlay[$base] = true;
            }
        }
        foreach ($play->legs as $leg) {
            foreach ($leg->options as $option) {
                $inPlay[$option->base->value] = true;
            }
        }

        return $inPlay;
    }

    /**
     * @param non-empty-list<OffenceLine> $offence
     *
     * @return array<string, float> of all that they may do, by the policy's value
     */
    private function weighed(array $offence): array
    {
        $costs = [];
        foreach ($this->family->policies() as $policy) {
            $costs[$policy->value] = array_sum(
                array_map(static fn(OffenceLine $line): float => $line->share * $line->cost($policy), $offence),
            );
        }

        return $costs;
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
                        static fn(Timeline $play): float => $policy->choose(
                            $play->options(),
                            $play->setting->scene->lines,
                        )->cost ?? 0.0,
                        $plays,
                    ),
                ) / \count($plays);
        }

        return $costs;
    }
}
