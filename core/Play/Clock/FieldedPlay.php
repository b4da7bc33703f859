<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Errand\Errands;
use FoxCorner\Core\Play\Errand\GroundErrands;
use FoxCorner\Core\Play\Family\Trial;
use FoxCorner\Core\Play\Scheme\Coverage;

/** A ball on the ground that somebody fields and throws: light enough for a map of hundreds until it is drawn. */
final readonly class FieldedPlay implements Play
{
    /** s by which a runner whom nobody forces sees himself beaten, so that he stops and is chased (ours). */
    private const SEES_IT = 0.4;
    /** s between the drawn points of a rolling ball. */
    private const ROLL_SAMPLE = 0.25;

    private Errands $errands;
    /** @var non-empty-list<ThrowOption> */
    private array $options;

    public function __construct(
        private PlaySetting $setting,
        private Coverage $coverage,
        private Trial $trial,
        private RollingBall $ball,
        private Possession $fielded,
    ) {
        $this->errands = GroundErrands::of($setting->scene, $coverage, $fielded);
        $this->options = (new ThrowChoice($setting, $fielded, $this->errands))->all();
    }

    public function firstBy(): Position
    {
        return $this->fielded->by->position;
    }

    public function options(): array
    {
        return $this->options;
    }

    public function timeline(): Timeline
    {
        $made = $this->setting->scene->choose($this->options);

        return new Timeline(
            $this->setting,
            $this->coverage,
            $this->trial,
            $this->legs($made),
            $this->moves($made),
            $this->ballTrack($made),
            RunnerTracks::of($this->setting),
            $this->events($made),
            caught: $this->caught($made),
        );
    }

    /** He is beaten by so much that he does not slide into the tag but hangs between the bases. */
    private function caught(ThrowOption $made): ?CaughtBetween
    {
        foreach ($made->isForce || $made->margin() < self::SEES_IT ? [] : $this->setting->runners as $runner) {
            if ($made->base === ($runner->base->next() ?? Base::Home) && !$runner->stays()) {
                $path = $this->setting->rules->basePath;
                $off = min($path, $runner->lead + $runner->legs->distanceAfter($made->outAt - $runner->startDelay));

                return new CaughtBetween($runner->base, $off, false, $path - $off);
            }
        }

        return null;
    }

    /** @return non-empty-list<Leg> */
    private function legs(ThrowOption $made): array
    {
        $first = new Leg($this->fielded, $this->options, $made);
        if (null === $made->then || null === $made->cover) {
            return [$first];
        }
        $pivot = Possession::atBag(
            $this->setting->cast->at($made->cover),
            $this->setting->bag($made->base),
            $made->outAt,
            $made->then->released - $made->outAt,
        );

        return [$first, new Leg($pivot, [$made->then], $made->then)];
    }

    /** @return array<int, Move> by position number */
    private function moves(ThrowOption $made): array
    {
        $moves = $this->errands->moves();
        if ($this->isCarried($made)) {
            $move = $moves[$this->firstBy()->value];
            $bag = $this->setting->bag($made->base);
            $moves[$this->firstBy()->value] = $move->on($move->track->thenAt($bag, $made->ballThere));
        }

        return $moves;
    }

    private function ballTrack(ThrowOption $made): Track
    {
        $fielded = $this->fielded;
        $track = Track::standingAt(Point::home());
        for ($seconds = self::ROLL_SAMPLE; $seconds < $fielded->seconds; $seconds += self::ROLL_SAMPLE) {
            $track = $track->thenAt($this->ball->at($seconds), $seconds);
        }

        $track = $track->thenAt($fielded->at, $fielded->seconds);

        $bag = $this->setting->bag($made->base);
        $track = ($this->isCarried($made) ? $track : $track->thenAt($fielded->at, $made->released))->thenAt(
            $bag,
            $made->ballThere,
        );

        return null === $made->then
            ? $track
            : $track
                ->thenAt($bag, $made->then->released)
                ->thenAt($this->setting->bag($made->then->base), $made->then->ballThere);
    }

    /** Whether he who has it takes the bag himself. */
    private function isCarried(ThrowOption $made): bool
    {
        return $made->cover === $this->firstBy();
    }

    /** @return list<Event> in order of time */
    private function events(ThrowOption $made): array
    {
        $runner = Base::First === $made->base ? 'Batter' : 'R' . ($made->base->value - 1);
        $held = null === $made->cover ? $made->ballThere : $made->outAt;
        $events = [
            new Event(EventKind::Contact, 0.0, 'Contact'),
            new Event(EventKind::Fielded, $this->fielded->seconds, 'Fielded, ' . $this->fielded->by->position->value),
            ...$this->isCarried($made) ? [] : [new Event(EventKind::Released, $made->released, 'Released')],
            new Event(EventKind::Arrives, $held, ($made->isForce ? 'At ' : 'Tag at ') . $made->base->word()),
            new Event(EventKind::RunnerThere, $made->runnerThere, $runner . ' there'),
        ];
        if (null !== $made->then) {
            $events[] = new Event(EventKind::Released, $made->then->released, 'On to ' . $made->then->base->word());
            $events[] = new Event(EventKind::Arrives, $made->then->outAt, 'At ' . $made->then->base->word());
            $events[] = new Event(EventKind::RunnerThere, $made->then->runnerThere, 'Batter there');
        }
        usort($events, static fn(Event $a, Event $b): int => $a->seconds <=> $b->seconds);

        return $events;
    }
}
