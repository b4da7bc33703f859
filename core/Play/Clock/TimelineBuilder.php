<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Play\Scene\PlaySetting;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Trial;

/** Draws a play together: whatever a family tells it becomes one timeline, in order of time. */
final class TimelineBuilder
{
    /** s between the drawn points of a rolling ball. */
    private const ROLL_SAMPLE = 0.25;

    /** @var list<Leg> */
    private array $legs = [];
    /** @var array<int, Move> by position number */
    private array $moves = [];
    private Track $ball;
    /** @var array<string, Track> by "batter", "R1" … */
    private array $runners = [];
    /** @var list<Event> */
    private array $events = [];
    /** @var list<Voice> */
    private array $voices = [];
    /** @var array<string, int> the base where each runner is then, by "batter", "R1" … */
    private array $ends = [];
    private ?string $thrownAt = null;
    private ?Base $for = null;
    private ?string $title = null;
    private ?CaughtBetween $caught = null;

    private function __construct(
        private readonly PlaySetting $setting,
        private readonly Coverage $coverage,
        private readonly Trial $trial,
    ) {
        $this->ball = Track::standingAt(Point::home());
    }

    public static function of(PlaySetting $setting, Coverage $coverage, Trial $trial): self
    {
        return new self($setting, $coverage, $trial);
    }

    /** @param array<int, Move> $moves by position number */
    public function moves(array $moves): self
    {
        $this->moves = $moves;

        return $this;
    }

    public function ball(Track $track): self
    {
        $this->ball = $track;

        return $this;
    }

    /**
     * The ball on the ground.
     *
     * @param \Closure(float): Point $at    where it is, by s
     * @param float                  $from  s
     * @param float                  $until s
     */
    public function rolls(\Closure $at, float $from, float $until): self
    {
        for ($seconds = $from + self::ROLL_SAMPLE; $seconds < $until; $seconds += self::ROLL_SAMPLE) {
            $this->ball = $this->ball->thenAt($at($seconds), $seconds);
        }

        return $this;
    }

    /** Who has the ball, and what he does with it; how it is drawn and told is the family's to say. */
    public function leg(Leg $leg): self
    {
        $this->legs[] = $leg;

        return $this;
    }

    /** Whoever has it keeps it: nothing that could be thrown is worth it. */
    public function held(Leg $leg): self
    {
        $this->ball = $this->ball->thenAt($leg->from->at, $leg->from->seconds);

        return $this->title('Nothing there: hold it')->leg($leg);
    }

    /** The ball from hand to bag: thrown, or carried by whoever has it. */
    public function thrown(Leg $leg): self
    {
        $to = $leg->cut->at ?? $this->setting->bag($leg->made->base);
        $held = $leg->cut->seconds ?? $leg->made->ballThere;
        $this->ball = $this->ball->thenAt($leg->from->at, $leg->from->seconds);
        if ($leg->isCarried()) {
            $this->carried($leg, $to, $held);
        } else {
            $this->ball = $this->ball->thenAt($leg->from->at, $leg->made->released);
        }
        $this->ball = $this->ball->thenAt($to, $held);

        return $this->leg($leg);
    }

    /** @param array<string, Track> $tracks by "batter", "R1" … */
    public function runners(array $tracks): self
    {
        $this->runners = $tracks + $this->runners;

        return $this;
    }

    /** A moment worth stepping to; one that never comes is left out. */
    public function moment(EventKind $kind, float $seconds, string $words): self
    {
        if (is_finite($seconds)) {
            $this->events[] = new Event($kind, $seconds, $words);
        }

        return $this;
    }

    /** @param list<Voice> $voices */
    public function voices(array $voices): self
    {
        $this->voices = $voices;

        return $this;
    }

    /**
     * @param array<string, int> $ends     the base where each runner is then, by "batter", "R1" …, if he is not out
     * @param string|null        $thrownAt whoever of them the throw is for
     */
    public function ends(array $ends, ?string $thrownAt): self
    {
        [$this->ends, $this->thrownAt] = [$ends, $thrownAt];

        return $this;
    }

    /** The base that everybody is sent for, whichever the throw goes to. */
    public function sentFor(Base $base): self
    {
        $this->for = $base;

        return $this;
    }

    /** What it comes to, where the throw that is made does not say it all. */
    public function title(string $title): self
    {
        $this->title = $title;

        return $this;
    }

    /** How it goes on when the runner neither gets back nor there. */
    public function goingOn(?CaughtBetween $caught): self
    {
        $this->caught = $caught;

        return $this;
    }

    public function timeline(): Timeline
    {
        usort($this->events, static fn(Event $a, Event $b): int => $a->seconds <=> $b->seconds);

        return new Timeline(
            setting: $this->setting,
            coverage: $this->coverage,
            trial: $this->trial,
            legs: [] === $this->legs ? throw new \LogicException('Somebody has the ball.') : $this->legs,
            moves: $this->moves,
            ball: $this->ball,
            runners: $this->runners,
            events: $this->events,
            voices: $this->voices,
            ends: $this->ends,
            thrownAt: $this->thrownAt,
            for: $this->for,
            title: $this->title,
            caught: $this->caught,
        );
    }

    /** He runs with it himself. */
    private function carried(Leg $leg, Point $to, float $there): void
    {
        $number = $leg->from->by->position->value;
        $move = $this->moves[$number];
        $track = $move->track->end()->seconds > $leg->from->seconds ? $move->track : $move->track->thenAt($to, $there);
        $this->moves[$number] = $move->on($track);
    }
}
