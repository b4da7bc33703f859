<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Choice\Reasons;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Scene\PlaySetting;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Play\Scheme\Verb;

/** A play that has been run: who did what when. Screens only interpolate it. */
final readonly class Timeline
{
    /** s after the last thing that matters: a breath (ours). */
    private const BREATH = 0.6;
    /** How likely the second out must be, the first one made, for two to be called (ours). */
    public const TWO_FROM = 1 / 3;

    /**
     * @param non-empty-list<Leg>  $legs     one after the other, until the play is over
     * @param array<int, Move>     $moves    by position number
     * @param array<string, Track> $runners  by "batter", "R1" …
     * @param list<Event>          $events   in order of time
     * @param list<Voice>          $voices   who says what when, likewise
     * @param array<string, int>   $ends     the base where each runner is then, by "batter", "R1" …, if he is not out;
     *                                       empty where plays do not say it
     * @param string|null          $thrownAt whoever of them the throw is for
     * @param Base|null            $for      the base that everybody is sent for; null: whichever the throw goes to
     * @param string|null          $title    what it comes to, where the throw that is made does not say it all
     * @param CaughtBetween|null   $caught   how it goes on when the runner neither gets back nor there
     */
    public function __construct(
        public PlaySetting $setting,
        public Coverage $coverage,
        public Trial $trial,
        public array $legs,
        public array $moves,
        public Track $ball,
        public array $runners,
        public array $events,
        public array $voices = [],
        public array $ends = [],
        public ?string $thrownAt = null,
        public ?Base $for = null,
        public ?string $title = null,
        public ?CaughtBetween $caught = null,
    ) {}

    /** Who has the ball first. */
    public function fieldedBy(): Position
    {
        return $this->legs[0]->from->by->position;
    }

    /** The throw that is made first. */
    public function called(): ThrowOption
    {
        return $this->legs[0]->made;
    }

    /** Whether the ball is held: no throw costs less. */
    public function isHeld(): bool
    {
        return $this->setting->isBetterHeld($this->called());
    }

    /** Whether two are called: the ball goes on, and the second out is likely enough. */
    public function isForTwo(): bool
    {
        return isset($this->legs[1]) && null === $this->legs[0]->cut && $this->legs[1]->made->inHand >= self::TWO_FROM;
    }

    /** Why it is called, and what that costs. */
    public function reasons(): Reasons
    {
        $scene = $this->setting->scene;

        return new Reasons($this->options(), $this->called(), $scene->policy, $scene->lines);
    }

    /** @return non-empty-list<ThrowOption> what he who has it first could do, lead base first */
    public function options(): array
    {
        return $this->legs[0]->options;
    }

    /** The first moment of a kind, seconds from contact; null when there is none. */
    public function moment(EventKind $kind): ?float
    {
        foreach ($this->events as $event) {
            if ($event->kind === $kind) {
                return $event->seconds;
            }
        }

        return null;
    }

    /** Seconds from contact until somebody has the ball. */
    public function fieldedAt(): float
    {
        return $this->legs[0]->from->seconds;
    }

    public function move(Position $position): Move
    {
        return $this->moves[$position->value];
    }

    /**
     * Who has been told to cover a bag.
     *
     * @return list<Move>
     */
    public function covers(Base $base): array
    {
        return array_values(array_filter($this->moves, static fn(Move $move): bool => $move->covers($base)));
    }

    /** Whether somebody has been told to be behind the throws to a bag. */
    public function isBackedUp(Base $base): bool
    {
        return [] !== $this->behind($base);
    }

    /** @return list<Move> of those who have been told to be behind the throws to a bag */
    public function behind(Base $base): array
    {
        $isBehind = static fn(Job $job): bool => $job->isBehind($base);

        return array_values(
            array_filter($this->moves, static fn(Move $move): bool => [] !== array_filter($move->jobs, $isBehind)),
        );
    }

    /** Where the throw to a bag comes from: whoever has it last. */
    public function thrownFrom(Base $base): Point
    {
        foreach ($this->legs as $leg) {
            if (null === $leg->cut && $leg->made->base === $base) {
                return $leg->from->at;
            }
        }

        return $this->legs[0]->from->at;
    }

    /** @return list<TurnedBack> who charged, saw that the ball was another's, and went back to a bag */
    public function turnedBack(): array
    {
        $turned = [];
        foreach ($this->moves as $move) {
            foreach ($move->jobs as $job) {
                if (Verb::TurnBack === $job->verb && null !== $job->base) {
                    $turned[] = TurnedBack::of($move, $job->base, $this->setting);
                }
            }
        }

        return $turned;
    }

    /** Seconds from contact to the last thing that matters, a breath added. */
    public function length(): float
    {
        $ends = array_map(static fn(Event $event): float => $event->seconds, $this->events);

        return max(0.0, ...$ends) + self::BREATH;
    }
}
