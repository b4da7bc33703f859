<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Bunt;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\AfterThrow;
use FoxCorner\Core\Play\Job;
use FoxCorner\Core\Play\JobKind;
use FoxCorner\Core\Play\LeadOutPolicy;
use FoxCorner\Core\Play\PlayQuestion;
use FoxCorner\Core\Play\ThrowOption;

/** The outs that are there on one bunt: light enough for a map of hundreds. */
final readonly class BuntOptions
{
    /** ft; a lob this short is tossed, and does not go astray like a throw (ours). */
    private const TOSS = 12.0;

    private ?AfterThrow $after;
    /** @var array<int, list<Job>> by position number */
    public array $jobs;

    public function __construct(private PlayQuestion $question, private BuntCoverage $coverage, public BuntFielding $fielding)
    {
        $this->after = null === $question->cost ? null : new AfterThrow($question->cost, $question->situation);
        $jobs = [];
        foreach ($coverage->assignments($fielding->position()) as $assignment) {
            $jobs[$assignment->position->value][] = $assignment->job;
        }
        $this->jobs = $jobs;
    }

    public static function of(PlayQuestion $question, BuntCoverage $coverage): self
    {
        return new self($question, $coverage, BuntFielding::of($question, $coverage));
    }

    /** @return non-empty-list<ThrowOption> lead base first, first base last */
    public function all(): array
    {
        $options = [];
        foreach (array_reverse($this->question->runners) as $runner) {
            $base = $runner->base->next() ?? Base::Home;
            $options[] = $this->option($base, $this->isForced($runner->base), $runner->secondsOver(1, $this->question->rules->basePath));
        }
        $options[] = $this->option(Base::First, true, $this->question->batter->secondsFor($this->question->rules->basePath));

        return $options;
    }

    public function after(): ?AfterThrow
    {
        return $this->after;
    }

    private function option(Base $base, bool $isForce, float $runnerThere): ThrowOption
    {
        $level = $this->question->level;
        $target = $this->question->rules->diamond()->at($base);
        [$cover, $coverThere] = $this->cover($base, $target);
        $feet = $this->fielding->intercept->point->distanceTo($target);
        $released = $this->fielding->released($target, $this->question);
        $ballThere = $released + $this->question->throws->seconds($feet, $this->fielding->by->arm) + ($isForce ? 0.0 : $level->motion->tag);
        $spread = $isForce ? $level->motion->forceSpread : $level->motion->tagSpread;
        $margin = $runnerThere - max($ballThere, $coverThere);
        $clean = $feet < self::TOSS ? 1.0 : OutChance::clean($feet, $level->executionFactor, $margin);
        $chance = null === $cover ? 0.0 : OutChance::ofMargin($margin, $spread) * $clean;

        return new ThrowOption(
            $base, $cover, $isForce, $released, $ballThere, $coverThere, $runnerThere, $chance,
            OutChance::ofMargin($runnerThere - $ballThere, $spread) * ($feet < self::TOSS ? 1.0 : OutChance::clean($feet, $level->executionFactor, $runnerThere - $ballThere)),
            null === $this->after ? null : $this->cost($this->after, $base, $chance, null === $cover ? 1.0 : 1 - $clean),
        );
    }

    private function cost(AfterThrow $after, Base $base, float $chance, float $astray): float
    {
        $astray = min($astray, 1 - $chance);

        return $chance * $after->out($base) + $astray * $after->astray($this->isBackedUp($base) ? 1 : 2) + (1 - $chance - $astray) * $after->safe();
    }

    private function isBackedUp(Base $base): bool
    {
        foreach ($this->jobs as $jobs) {
            foreach ($jobs as $job) {
                if (JobKind::BackUp === $job->kind && $job->base === $base) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return array{Position|null, float} who is there first to take it, and when */
    private function cover(Base $base, Point $target): array
    {
        [$first, $there] = [null, \INF];
        foreach ($this->jobs as $number => $jobs) {
            foreach ($jobs as $job) {
                if (JobKind::Cover !== $job->kind || $job->base !== $base) {
                    continue;
                }
                $seconds = $this->coverSeconds(Position::from($number), $job, $target);
                if ($seconds < $there) {
                    [$first, $there] = [Position::from($number), $seconds];
                }
            }
        }

        return [$first, $there];
    }

    private function coverSeconds(Position $position, Job $job, Point $target): float
    {
        $who = BuntFielding::starting($this->question->cast->at($position), $this->coverage, $this->question);
        if (!$job->startsTowardBall) {
            return max(0.0, $who->secondsTo($target));
        }
        $motion = $this->question->level->motion;
        $charged = $who->start->toward($this->fielding->intercept->point, $who->legs->distanceAfter($motion->turnBackRead - $who->reaction));

        return $motion->turnBackRead + $motion->turnBackLoss + $who->legs->secondsFor($charged->distanceTo($target));
    }

    private function isForced(Base $from): bool
    {
        for ($base = $from->value; $base >= Base::First->value; --$base) {
            if (!$this->question->situation->bases->has(Base::from($base))) {
                return false;
            }
        }

        return true;
    }

    public function called(LeadOutPolicy $policy): ThrowOption
    {
        return $policy->choose($this->all());
    }
}
