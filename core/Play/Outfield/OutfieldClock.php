<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Outfield;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Clock\Event;
use FoxCorner\Core\Play\Clock\EventKind;
use FoxCorner\Core\Play\Clock\Leg;
use FoxCorner\Core\Play\Clock\Move;
use FoxCorner\Core\Play\Clock\Possession;
use FoxCorner\Core\Play\Clock\Stop;
use FoxCorner\Core\Play\Clock\ThrowOption;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Clock\Track;
use FoxCorner\Core\Play\Relay\Reached;
use FoxCorner\Core\Play\Scheme\Verb;

/** A ball to the outfield as it is drawn: tracks of ball, fielders and runners, events and voices. */
final readonly class OutfieldClock
{
    /** s between the drawn points of a ball on the ground. */
    private const ROLL_SAMPLE = 0.4;

    public function __construct(private OutfieldPlay $play) {}

    public function timeline(): Timeline
    {
        $made = $this->play->made();
        $legs = $this->legs($made, $this->play->option());

        return new Timeline(
            $this->play->setting->threatened($this->play->threats($made)),
            $this->play->coverage,
            $this->play->trial,
            $legs,
            $this->moves(),
            $this->ballTrack($legs),
            $this->runnerTracks($made),
            $this->events($legs, $made),
            Calls::on($this->play, $made),
            $this->ends($made),
            $made->runner?->name(),
            $this->play->base,
            $this->play->title(),
        );
    }

    /** @return non-empty-list<Leg> */
    private function legs(Ending $made, ThrowOption $option): array
    {
        $possession = $this->play->ball->possession();
        $cut = $this->play->ways->cut;
        if (null === $cut || null === $made->way->cutAt || null === $made->way->again) {
            return [new Leg($possession, $this->play->options, $option)];
        }

        return [
            new Leg(
                $possession,
                $this->play->options,
                $option,
                new Stop($cut->who->position, $cut->at, $made->way->cutAt),
            ),
            new Leg(
                Possession::atBag($cut->who, $cut->at, $made->way->cutAt, $made->way->again - $made->way->cutAt),
                [$option],
                $option->from($made->way->again),
            ),
        ];
    }

    /** @return array<int, Move> by position number */
    private function moves(): array
    {
        $fields = $this->play->ball->reached->isBehindHim() ? Verb::RunDown : Verb::FieldOut;
        $jobs = [$this->play->firstBy()->value => [$fields->job()]] + $this->play->jobs;

        return $this->play->spots()->errands($jobs)->moves();
    }

    /** @param non-empty-list<Leg> $legs */
    private function ballTrack(array $legs): Track
    {
        $track = Track::standingAt(Point::home());
        $ball = $this->play->trial->ball;
        if ($ball->isInTheAir()) {
            $track = $track->thenAt($ball->landing(), min($ball->hang, $this->play->ball->seconds));
        }
        for ($at = $ball->hang + self::ROLL_SAMPLE; $at < $this->play->ball->seconds; $at += self::ROLL_SAMPLE) {
            $track = $track->thenAt($ball->at($at), $at);
        }
        foreach ($legs as $leg) {
            $to = $leg->cut->at ?? $this->play->setting->bag($leg->made->base);
            $track = $track
                ->thenAt($leg->from->at, $leg->from->seconds)
                ->thenAt($leg->from->at, $leg->made->released)
                ->thenAt($to, $leg->cut->seconds ?? $leg->made->ballThere);
        }

        return $track;
    }

    /** @return array<string, Track> by "batter", "R1" … */
    private function runnerTracks(Ending $made): array
    {
        $tracks = [];
        foreach ($this->play->runners as $runner) {
            $from = match (true) {
                0 === $runner->from => Point::home(),
                BallKind::Caught === $this->play->kind => $this->play->setting->bag(Base::from($runner->from)),
                default => $this->leadOf($runner->from),
            };
            $track = Track::standingAt($from);
            if ($made->ends[$runner->from] > $runner->from) {
                $track = $track->thenAt($from, max(0.0, $runner->starts));
            }
            for ($base = $runner->from + 1; $base <= $made->ends[$runner->from]; ++$base) {
                $track = $track->thenAt($this->play->setting->bag(Base::from($base)), $runner->arrivals[$base]);
            }
            $tracks[$runner->name()] = $track;
        }

        return $tracks;
    }

    /** @return array<string, int> */
    private function ends(Ending $made): array
    {
        $ends = [];
        foreach ($this->play->runners as $runner) {
            $ends[$runner->name()] = $made->ends[$runner->from];
        }

        return $ends;
    }

    private function leadOf(int $from): Point
    {
        foreach ($this->play->setting->runners as $runner) {
            if ($runner->base->value === $from) {
                $bag = $this->play->setting->bag($runner->base);

                return $bag->toward($this->play->setting->bag($runner->base->next() ?? Base::Home), $runner->lead);
            }
        }

        return Point::home();
    }

    /**
     * @param non-empty-list<Leg> $legs
     *
     * @return list<Event> in order of time
     */
    private function events(array $legs, Ending $made): array
    {
        $by = $this->play->ball->by->position->value;
        $events = [
            new Event(EventKind::Contact, 0.0, 'Contact'),
            new Event(
                EventKind::Fielded,
                $this->play->ball->seconds,
                (Reached::Caught === $this->play->ball->reached ? 'Caught, ' : 'Picked up, ') . $by,
            ),
            new Event(EventKind::Released, $made->way->released, 'Thrown'),
        ];
        if (null !== $made->way->cutAt && null !== $made->way->again) {
            $events[] = new Event(
                EventKind::Fielded,
                $made->way->cutAt,
                ($this->play->ways->cut->who->position->value ?? '') . ' has it',
            );
            $events[] = new Event(EventKind::Released, $made->way->again, 'Relay');
        }
        $events[] = new Event(EventKind::Arrives, $made->way->held(), 'At ' . $made->way->base->word());
        if (null !== $made->runner) {
            $events[] = new Event(
                EventKind::RunnerThere,
                $made->runner->arrivals[$made->way->base->value],
                ucfirst($made->runner->name()) . ' there',
            );
        }
        usort($events, static fn(Event $a, Event $b): int => $a->seconds <=> $b->seconds);

        return $events;
    }
}
