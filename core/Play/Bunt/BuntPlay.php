<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Bunt;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
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

    private BuntFielding $fielding;

    private function __construct(private PlayQuestion $question, private BuntCoverage $coverage, private BuntOptions $options)
    {
        $this->fielding = $options->fielding;
    }

    public static function of(PlayQuestion $question, BuntCoverage $coverage): self
    {
        return new self($question, $coverage, BuntOptions::of($question, $coverage));
    }

    public function timeline(): Timeline
    {
        $moves = $this->moves();
        $options = $this->options->all();
        $called = $this->question->policy->choose($options);

        return new Timeline(
            $this->question, $this->fielding->position(), $this->fielding->intercept->seconds, $called->released, $moves, $this->ballTrack($called),
            $this->runnerTracks(), $options, $called, $this->threats(), $this->events($called), $this->options->after(),
        );
    }

    /** @return array<int, Move> by position number */
    private function moves(): array
    {
        $moves = [];
        foreach (Position::cases() as $position) {
            $own = $this->options->jobs[$position->value] ?? [];
            $moves[$position->value] = new Move($this->question->cast->at($position), $own, $this->path($position, $own[0] ?? null));
        }

        return $moves;
    }

    private function path(Position $position, ?Job $job): Track
    {
        $who = BuntFielding::starting($this->question->cast->at($position), $this->coverage, $this->question);
        $intercept = $this->fielding->intercept;
        // Who left with the pitch has run for a while at contact.
        $standing = Track::standingAt($who->start);
        if (null === $job) {
            return $standing;
        }
        if (JobKind::Field === $job->kind) {
            return $standing->thenAt($who->start, min(max(0.0, $who->reaction), $intercept->seconds))->thenAt($intercept->point, $intercept->seconds);
        }
        if (JobKind::Converge === $job->kind) {
            return $standing->thenRuns($intercept->point->toward($who->start, self::CLEAR_OF_BALL), $who->reaction, $who->legs);
        }
        $target = $this->target($job);
        if (!$job->startsTowardBall) {
            return $standing->thenRuns($target, $who->reaction, $who->legs);
        }
        $motion = $this->question->level->motion;
        $charged = $who->start->toward($intercept->point, $who->legs->distanceAfter($motion->turnBackRead - $who->reaction));

        return $standing
            ->thenRuns($charged, $who->reaction, $who->legs)
            ->thenRuns($target, $motion->turnBackRead + $motion->turnBackLoss, $who->legs);
    }

    private function target(Job $job): Point
    {
        $bag = $this->question->rules->diamond()->at($job->base ?? throw new \LogicException('The job “'.$job->words.'” has no base.'));
        if (JobKind::BackUp !== $job->kind) {
            return $bag;
        }
        $from = $this->fielding->intercept->point;

        return $from->toward($bag, $from->distanceTo($bag) + self::BACK_UP_DEPTH);
    }

    private function ballTrack(ThrowOption $called): Track
    {
        $intercept = $this->fielding->intercept;
        $track = Track::standingAt(Point::home());
        for ($seconds = self::ROLL_SAMPLE; $seconds < $intercept->seconds; $seconds += self::ROLL_SAMPLE) {
            $track = $track->thenAt($this->question->ball->at($seconds), $seconds);
        }
        $tag = $called->isForce ? 0.0 : $this->question->level->motion->tag;

        return $track
            ->thenAt($intercept->point, $intercept->seconds)
            ->thenAt($intercept->point, $called->released)
            ->thenAt($this->question->rules->diamond()->at($called->base), $called->ballThere - $tag);
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
            new Event(EventKind::Fielded, $this->fielding->intercept->seconds, 'Fielded, '.$this->fielding->position()->value),
            new Event(EventKind::Released, $called->released, 'Released'),
            new Event(EventKind::Arrives, max($called->ballThere, null === $called->cover ? 0.0 : $called->coverThere), ($called->isForce ? 'At ' : 'Tag at ').$called->base->word()),
            new Event(EventKind::RunnerThere, $called->runnerThere, $runner.' there'),
        ];
        usort($events, static fn(Event $a, Event $b): int => $a->seconds <=> $b->seconds);

        return $events;
    }
}
