<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Possession;
use FoxCorner\Core\Play\Ball\Reached;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Clock\EventKind;
use FoxCorner\Core\Play\Clock\Leg;
use FoxCorner\Core\Play\Clock\Move;
use FoxCorner\Core\Play\Clock\Stop;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Clock\TimelineBuilder;
use FoxCorner\Core\Play\Clock\Track;
use FoxCorner\Core\Play\Scheme\Verb;

/** A ball to the outfield as it is drawn: tracks of ball, fielders and runners, events and voices. */
final readonly class OutfieldDrawing
{
    public function __construct(private OutfieldPlay $play) {}

    public function timeline(): Timeline
    {
        $made = $this->play->made();
        $legs = $this->legs($made, $this->play->option());

        $play = $this->play;
        $ball = $play->trial->ball;
        $drawn = TimelineBuilder::of($play->setting->threatened($play->threats($made)), $play->coverage, $play->trial)
            ->moves($this->moves())
            ->runners($this->runnerTracks($made))
            ->ball($this->inTheAir())
            ->rolls($ball->at(...), $ball->hang, $play->ball->seconds)
            ->voices(Calls::on($play, $made))
            ->ends($this->ends($made), $made->runner?->name())
            ->sentFor($play->base)
            ->title($play->title());
        foreach ($legs as $leg) {
            $drawn->thrown($leg);
        }

        return $this->told($drawn, $made)->timeline();
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

    private function inTheAir(): Track
    {
        $track = Track::standingAt(Point::home());
        $ball = $this->play->trial->ball;

        return $ball->isInTheAir()
            ? $track->thenAt($ball->landing(), min($ball->hang, $this->play->ball->seconds))
            : $track;
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

    private function told(TimelineBuilder $drawn, Ending $made): TimelineBuilder
    {
        $ball = $this->play->ball;
        $way = $made->way;
        $has = Reached::Caught === $ball->reached ? 'Caught, ' : 'Picked up, ';
        $drawn
            ->moment(EventKind::Contact, 0.0, 'Contact')
            ->moment(EventKind::Fielded, $ball->seconds, $has . $ball->by->position->value)
            ->moment(EventKind::Released, $way->released, 'Thrown');
        if (null !== $way->cutAt && null !== $way->again) {
            $by = $this->play->ways->cut->who->position->value ?? '';
            $drawn->moment(EventKind::Fielded, $way->cutAt, $by . ' has it');
            $drawn->moment(EventKind::Released, $way->again, 'Relay');
        }
        $drawn->moment(EventKind::Arrives, $way->held(), 'At ' . $way->base->word());
        if (null !== $made->runner) {
            $there = $made->runner->arrivals[$way->base->value];
            $drawn->moment(EventKind::RunnerThere, $there, ucfirst($made->runner->name()) . ' there');
        }

        return $drawn;
    }
}
