<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Bunt;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Motion\Intercept;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Event;
use FoxCorner\Core\Play\EventKind;
use FoxCorner\Core\Play\Job;
use FoxCorner\Core\Play\JobKind;
use FoxCorner\Core\Play\Move;
use FoxCorner\Core\Play\PlayQuestion;
use FoxCorner\Core\Play\ThrowOption;
use FoxCorner\Core\Play\Timeline;
use FoxCorner\Core\Play\Track;

/** Runs one bunt on the clock: who has it, who is where when, which out is there. */
final readonly class BuntPlay
{
    /** ft behind a bag, in line with the throw, at which a back-up has time to react (ours). */
    private const BACK_UP_DEPTH = 20.0;
    /** ft that the second man to the ball keeps from it, so that the throwing lane is free (ours). */
    private const CLEAR_OF_BALL = 18.0;
    /** s between the drawn points of a rolling ball. */
    private const ROLL_SAMPLE = 0.25;

    private function __construct(private PlayQuestion $question, private Position $fieldedBy, private Intercept $intercept)
    {
    }

    public static function of(PlayQuestion $question): self
    {
        $by = $first = null;
        foreach ($question->coverage->fielders() as $position) {
            $member = $question->cast->at($position);
            $intercept = Intercept::of($member->start, $member->legs, $member->reaction, $question->level->motion->reach, $question->ball);
            if (null !== $intercept && (null === $first || $intercept->seconds < $first->seconds)) {
                [$by, $first] = [$position, $intercept];
            }
        }
        if (null === $by || null === $first) {
            throw new \LogicException('Nobody of the coverage “'.$question->coverage->name().'” reaches the bunt.');
        }

        return new self($question, $by, $first);
    }

    public function timeline(): Timeline
    {
        $moves = $this->moves();
        $options = array_map(fn(Base $base): ThrowOption => $this->option($base, $moves), $this->forceBases());
        $called = $this->call($options);

        return new Timeline(
            $this->question, $this->fieldedBy, $this->intercept->seconds, $this->released(), $moves, $this->ballTrack($called),
            $this->runnerTracks(), $options, $called, $this->threats(), $this->events($called),
        );
    }

    /** @return list<Base> the bases where a runner is forced, lead base first */
    private function forceBases(): array
    {
        $bases = [Base::First];
        foreach ($this->question->runners as $runner) {
            $next = $runner->base->next();
            if (null !== $next && $runner->base === $bases[0]) {
                array_unshift($bases, $next);
            }
        }

        return $bases;
    }

    /** @return array<int, Move> by position number */
    private function moves(): array
    {
        $jobs = [];
        foreach ($this->question->coverage->assignments($this->fieldedBy) as $assignment) {
            $jobs[$assignment->position->value][] = $assignment->job;
        }
        $moves = [];
        foreach (Position::cases() as $position) {
            $own = $jobs[$position->value] ?? [];
            $moves[$position->value] = new Move($this->question->cast->at($position), $own, $this->path($position, $own[0] ?? null));
        }

        return $moves;
    }

    private function path(Position $position, ?Job $job): Track
    {
        $who = $this->question->cast->at($position);
        $standing = Track::standingAt($who->start);
        if (null === $job) {
            return $standing;
        }
        if (JobKind::Field === $job->kind) {
            return $standing->thenAt($who->start, min($who->reaction, $this->intercept->seconds))->thenAt($this->intercept->point, $this->intercept->seconds);
        }
        if (JobKind::Converge === $job->kind) {
            return $standing->thenRuns($this->intercept->point->toward($who->start, self::CLEAR_OF_BALL), $who->reaction, $who->legs);
        }
        $target = $this->target($job);
        if (!$job->startsTowardBall) {
            return $standing->thenRuns($target, $who->reaction, $who->legs);
        }
        $read = $this->question->level->motion->turnBackRead;
        $charged = $who->start->toward($this->intercept->point, $who->legs->distanceAfter($read - $who->reaction));

        return $standing
            ->thenRuns($charged, $who->reaction, $who->legs)
            ->thenRuns($target, $read + $this->question->level->motion->turnBackLoss, $who->legs);
    }

    private function target(Job $job): Point
    {
        $bag = $this->question->rules->diamond()->at($job->base ?? throw new \LogicException('The job “'.$job->words.'” has no base.'));
        if (JobKind::BackUp !== $job->kind) {
            return $bag;
        }

        return $this->intercept->point->toward($bag, $this->intercept->point->distanceTo($bag) + self::BACK_UP_DEPTH);
    }

    /** @param array<int, Move> $moves */
    private function option(Base $base, array $moves): ThrowOption
    {
        $level = $this->question->level;
        $cover = $this->firstToCover($base, $moves);
        $feet = $this->intercept->point->distanceTo($this->question->rules->diamond()->at($base));
        $ballThere = $this->released() + $this->question->throws->seconds($feet, $this->question->cast->at($this->fieldedBy)->arm);
        $coverThere = $cover?->there() ?? \INF;
        $runnerThere = $this->runnerAt($base);
        $chance = static fn(float $margin): float => OutChance::ofMargin($margin, $level->motion->forceSpread) * OutChance::clean($feet, $level->executionFactor, $margin);

        return new ThrowOption(
            $base, $cover?->position(), $ballThere, $coverThere, $runnerThere,
            null === $cover ? 0.0 : $chance($runnerThere - max($ballThere, $coverThere)),
            $chance($runnerThere - $ballThere),
        );
    }

    /** @param array<int, Move> $moves */
    private function firstToCover(Base $base, array $moves): ?Move
    {
        $first = null;
        foreach ($moves as $move) {
            if ($move->covers($base) && (null === $first || $move->there() < $first->there())) {
                $first = $move;
            }
        }

        return $first;
    }

    private function runnerAt(Base $base): float
    {
        $basePath = $this->question->rules->basePath;
        foreach ($this->question->runners as $runner) {
            if ($runner->base->next() === $base) {
                return $runner->secondsOver(1, $basePath);
            }
        }

        return $this->question->batter->secondsFor($basePath);
    }

    private function released(): float
    {
        $motion = $this->question->level->motion;
        $isDead = $this->question->ball->speedAfter($this->intercept->seconds) < $motion->deadBallSpeed;

        return $this->intercept->seconds + $this->question->cast->at($this->fieldedBy)->exchangeMore + match (true) {
            Position::Catcher === $this->fieldedBy => $motion->exchangeCatcherBunt,
            $isDead => $motion->exchangeBareHand,
            default => $motion->exchangeSet,
        };
    }

    /**
     * The catcher's call: the lead out when it is sure enough for the coach, else the surest.
     *
     * @param list<ThrowOption> $options
     */
    private function call(array $options): ThrowOption
    {
        $best = $options[0];
        if ($best->chance >= $this->question->policy->atLeast) {
            return $best;
        }
        foreach ($options as $option) {
            if ($option->chance > $best->chance) {
                $best = $option;
            }
        }

        return $best;
    }

    private function ballTrack(ThrowOption $called): Track
    {
        $track = Track::standingAt(Point::home());
        for ($seconds = self::ROLL_SAMPLE; $seconds < $this->intercept->seconds; $seconds += self::ROLL_SAMPLE) {
            $track = $track->thenAt($this->question->ball->at($seconds), $seconds);
        }

        return $track
            ->thenAt($this->intercept->point, $this->intercept->seconds)
            ->thenAt($this->intercept->point, $this->released())
            ->thenAt($this->question->rules->diamond()->at($called->base), $called->ballThere);
    }

    /** @return array<string, Track> */
    private function runnerTracks(): array
    {
        $diamond = $this->question->rules->diamond();
        $batter = $this->question->batter;
        $tracks = ['batter' => Track::standingAt(Point::home())->thenRuns($diamond->at(Base::First), $batter->startDelay, $batter->legs)];
        foreach ($this->question->runners as $runner) {
            $next = $diamond->at($runner->base->next() ?? Base::Home);
            $tracks['R'.$runner->base->value] = Track::standingAt($diamond->at($runner->base)->toward($next, $runner->lead))->thenRuns($next, $runner->startDelay, $runner->legs);
        }

        return $tracks;
    }

    /** @return array<int, float> when a runner could be at each base, seconds, by the base's value */
    private function threats(): array
    {
        $basePath = $this->question->rules->basePath;
        $threats = [Base::First->value => $this->question->batter->secondsFor($basePath)];
        foreach ($this->question->runners as $runner) {
            for ($base = $runner->base->next(), $bases = 1; null !== $base; $base = $base->next(), ++$bases) {
                $there = $runner->secondsOver($bases, $basePath);
                $threats[$base->value] = min($threats[$base->value] ?? \INF, $there);
            }
        }

        return $threats;
    }

    /** @return list<Event> */
    private function events(ThrowOption $called): array
    {
        $runner = Base::First === $called->base ? 'Batter' : 'R'.($called->base->value - 1);
        $events = [
            new Event(EventKind::Contact, 0.0, 'Contact'),
            new Event(EventKind::Fielded, $this->intercept->seconds, 'Fielded, '.$this->fieldedBy->value),
            new Event(EventKind::Released, $this->released(), 'Released'),
            new Event(EventKind::Arrives, max($called->ballThere, null === $called->cover ? 0.0 : $called->coverThere), 'At '.$called->base->word()),
            new Event(EventKind::RunnerThere, $called->runnerThere, $runner.' there'),
        ];
        usort($events, static fn(Event $a, Event $b): int => $a->seconds <=> $b->seconds);

        return $events;
    }
}
