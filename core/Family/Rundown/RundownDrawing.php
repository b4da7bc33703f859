<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Rundown;

use FoxCorner\Core\Play\Ball\Possession;
use FoxCorner\Core\Play\Cast\CastMember;
use FoxCorner\Core\Play\Clock\CaughtBetween;
use FoxCorner\Core\Play\Clock\EventKind;
use FoxCorner\Core\Play\Clock\Leg;
use FoxCorner\Core\Play\Clock\Move;
use FoxCorner\Core\Play\Clock\Stop;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Clock\TimelineBuilder;
use FoxCorner\Core\Play\Clock\Track;
use FoxCorner\Core\Play\Clock\Voice;
use FoxCorner\Core\Play\Clock\VoiceWord;
use FoxCorner\Core\Play\Errand\Errands;
use FoxCorner\Core\Play\Running\Going;
use FoxCorner\Core\Play\Scene\PlaySetting;
use FoxCorner\Core\Play\Scheme\Verb;

/** A rundown as it is drawn: the chase to the first throw and what comes of it. */
final readonly class RundownDrawing
{
    /** s between the drawn points of a chase. */
    private const LOOK = 0.2;
    /** ft to the side to which a thrower peels off (ours). */
    private const ASIDE = 8.0;
    /** Throws on average up to which it is one. */
    private const ONE = 1.05;
    /** s after which a bag is filled (ours). */
    private const FILLS = 0.9;
    /** s of the chase the other way that are drawn. */
    private const AGAIN = 1.2;

    public function __construct(private RundownPlay $play) {}

    public function timeline(): Timeline
    {
        $play = $this->play;
        $after = $play->end->after ?? $this->runsFor($play->toGo());
        $caught = $play->made()->ballThere;
        $runners = [];
        foreach (Going::all($play->scene) as $going) {
            $runners[$going->name()] =
                $going->from === $play->from ? $this->runner($after, $caught) : $going->standing($play->scene);
        }
        $made = $play->made();
        $start = $play->at($this->ballAt(0.0));
        $thrown = $play->at($this->ballAt($after + Chase::RELEASE));
        $tagged = $play->at($this->tagAt($after));

        $has = Possession::atBag($play->starter, $start, 0.0, $made->released);
        $by = $play->receiver->position;
        $throwIt = 'Throw it, chest high, and peel off.';

        return TimelineBuilder::of(PlaySetting::betweenPitches($play->scene), $play->coverage, $play->trial)
            ->moves($this->moves($after, $caught))
            ->runners($runners)
            ->leg(new Leg($has, [$made], $made, new Stop($by, $tagged, $caught)))
            ->ball(
                Track::standingAt($start)
                    ->thenAt($thrown, $made->released)
                    ->thenAt($tagged, max($made->released + 0.05, $caught)),
            )
            ->moment(EventKind::Contact, 0.0, 'Run at him')
            ->moment(EventKind::Released, $made->released, 'Thrown')
            ->moment(EventKind::Arrives, $caught, null === $play->end->turned ? 'Caught, tag' : 'Caught; he turns')
            ->voices([new Voice($after, $by, $play->starter->position, [VoiceWord::Now], $throwIt)])
            ->title($this->title())
            ->goingOn(new CaughtBetween($play->from, $play->off, $play->isForward, $play->gap))
            ->timeline();
    }

    /** s that he runs for so many feet. */
    private function runsFor(float $feet): float
    {
        $seconds = self::LOOK;
        while ($this->play->chase->run($seconds) < $feet) {
            $seconds += self::LOOK;
        }

        return $seconds;
    }

    /** Forward is away from the base that he comes from. */
    private function sign(): float
    {
        return $this->play->isForward ? 1.0 : -1.0;
    }

    /** ft off the base that he comes from of whoever has the ball. */
    private function ballAt(float $seconds): float
    {
        $start = $this->play->off - $this->sign() * $this->play->gap;

        return $start +
            $this->sign() * min($this->play->gap + $this->play->toGo(), $this->play->chase->carried($seconds));
    }

    private function runnerAt(float $seconds): float
    {
        return $this->play->off + $this->sign() * min($this->play->toGo(), $this->play->chase->run($seconds));
    }

    /** ft off the base that he comes from at which he is tagged, or turns. */
    private function tagAt(float $after): float
    {
        $turned = $this->play->end->turned;
        if (null === $turned) {
            return $this->runnerAt($this->play->made()->ballThere);
        }
        $path = $this->play->scene->rules->basePath;

        return $this->play->isForward ? $path - $turned->toGo : $turned->toGo;
    }

    private function runner(float $after, float $caught): Track
    {
        $track = Track::standingAt($this->play->at($this->play->off));
        for ($seconds = self::LOOK; $seconds < $after; $seconds += self::LOOK) {
            $track = $track->thenAt($this->play->at($this->runnerAt($seconds)), $seconds);
        }
        $track = $track->thenAt($this->play->at($this->runnerAt($after)), $after);

        return $track->thenAt($this->play->at($this->tagAt($after)), max($caught, $after) + 0.1);
    }

    /** @return array<int, Move> by position number */
    private function moves(float $after, float $caught): array
    {
        $play = $this->play;
        $moves = Errands::sent(
            $play->scene,
            $play->at($this->ballAt(0.0)),
            $play->starter,
            $play->jobs,
            $play->scene->level->motion->plannedReaction,
            $this->filling(),
        )->moves();
        $moves[$play->starter->position->value] = new Move(
            $play->starter,
            $play->jobs[$play->starter->position->value],
            $this->chasing($after),
        );
        $receiver = $play->receiver;
        $moves[$receiver->position->value] = new Move(
            $receiver,
            $play->jobs[$receiver->position->value] ?? [],
            $this->meeting($receiver, $after, $caught),
        );

        return $moves;
    }

    /** @return array<int, float> s at which those go who fill a bag: after whoever leaves it, out of his way */
    private function filling(): array
    {
        $own = [];
        foreach ($this->play->jobs as $number => $list) {
            foreach ($list as $job) {
                if (Verb::Fill === $job->verb) {
                    $own[$number] = self::FILLS;
                }
            }
        }

        return $own;
    }

    /** Runs at him, throws, and peels off out of the lane. */
    private function chasing(float $after): Track
    {
        $track = Track::standingAt($this->play->at($this->ballAt(0.0)));
        $released = $after + Chase::RELEASE;
        for ($seconds = self::LOOK; $seconds < $released; $seconds += self::LOOK) {
            $track = $track->thenAt($this->play->at($this->ballAt($seconds)), $seconds);
        }
        $at = $this->play->at($this->ballAt($released));
        $along = $this->play->at($this->ballAt($released) + $this->sign());

        return $track
            ->thenAt($at, $released)
            ->thenAt(
                $at->plus(self::ASIDE * ($along->y - $at->y), -self::ASIDE * ($along->x - $at->x)),
                $released + self::AGAIN / 2,
            );
    }

    /** Comes off his bag to the ball, and tags. */
    private function meeting(CastMember $who, float $after, float $caught): Track
    {
        $bag = $this->play->scene->bag($this->play->ahead());
        $tag = $this->play->at($this->tagAt($after));

        return Track::standingAt($bag)
            ->thenAt($bag, $after)
            ->thenAt(
                $bag->toward($tag, min($bag->distanceTo($tag), $who->legs->distanceAfter($caught - $after))),
                $caught,
            );
    }

    private function title(): string
    {
        $throws = $this->play->end->throws;

        return \sprintf(
            '%s is out %d times in a hundred, %s',
            $this->play->runner->name(),
            round(100 * $this->play->end->out),
            match (true) {
                $throws < 0.1 => 'without a throw',
                $throws < self::ONE => 'with one throw',
                default => \sprintf('with %.1f throws', $throws),
            },
        );
    }
}
