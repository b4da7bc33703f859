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
use FoxCorner\Core\Play\Clock\Play;
use FoxCorner\Core\Play\Clock\PlaySetting;
use FoxCorner\Core\Play\Clock\Possession;
use FoxCorner\Core\Play\Clock\Stop;
use FoxCorner\Core\Play\Clock\ThrowOption;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Clock\Track;
use FoxCorner\Core\Play\Relay\Reached;
use FoxCorner\Core\Play\Relay\Retrieval;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Job;

/** A ball to the outfield on the clock: picked up, thrown in straight or over the cutoff man, runners as they choose. */
final readonly class OutfieldPlay implements Play
{
    /** s between the drawn points of a ball on the ground. */
    private const ROLL_SAMPLE = 0.4;

    /** @var non-empty-list<Ending> lead base first; one in which nobody is thrown at when nobody goes on */
    public array $endings;
    /** @var non-empty-list<ThrowOption> in the same order */
    private array $options;

    /**
     * @param Base                        $base    that the throw is for, by the kind of ball
     * @param array<int, non-empty-list<Job>> $jobs by position number
     * @param list<OnTheBases>            $runners lead runner first
     */
    public function __construct(
        public PlaySetting $setting,
        public Coverage $coverage,
        public OutfieldTrial $trial,
        public Retrieval $ball,
        public BallKind $kind,
        public Base $base,
        public array $jobs,
        public WaysIn $ways,
        public array $runners,
        public Advance $advance,
        WhereEnds $worth,
    ) {
        $this->endings = Ending::all($runners, $advance, $ways, $worth, $base, $this->backedUp());
        $this->options = array_map(
            fn(Ending $ending): ThrowOption => $ending->option($setting->level->motion->tag),
            $this->endings,
        );
    }

    public function firstBy(): Position
    {
        return $this->ball->by->position;
    }

    public function options(): array
    {
        return $this->options;
    }

    /** ft from home to where he has it */
    public function feetOut(): float
    {
        return $this->ball->at->distanceTo(Point::home());
    }

    /** What is done with the ball. */
    public function made(): Ending
    {
        $option = $this->setting->policy->choose($this->options);

        return $this->endings[(int) array_search($option, $this->options, true)];
    }

    /** Who runs with the ball hit; null when he is out. */
    public function batter(): ?OnTheBases
    {
        $last = $this->runners[\count($this->runners) - 1] ?? null;

        return 0 === $last?->from ? $last : null;
    }

    /** Whether a bag that a runner may want has nobody. */
    public function isOpen(): bool
    {
        foreach (array_keys($this->threats($this->made())) as $base) {
            if (null === $this->ways->straight(Base::from($base))->cover) {
                return true;
            }
        }

        return false;
    }

    /** Whether a job leaves its man within so many feet of where he stands. */
    public function stands(Position $position, Job $job, float $feet): bool
    {
        $who = $this->setting->cast->at($position);

        return $who->start->distanceTo($this->spots()->point($who, $job)) < $feet;
    }

    public function spots(): Spots
    {
        return new Spots(
            $this->setting,
            $this->ball,
            $this->ways,
            $this->made()->way,
            $this->batter() ?? OnTheBases::onHit($this->setting, 0.0)[\count($this->setting->runners)],
        );
    }

    public function timeline(): Timeline
    {
        $made = $this->made();
        $option = $this->options[(int) array_search($made, $this->endings, true)];
        $legs = $this->legs($made, $option);

        return new Timeline(
            $this->setting->threatened($this->threats($made)),
            $this->coverage,
            $this->trial,
            $legs,
            $this->moves(),
            $this->ballTrack($legs),
            $this->runnerTracks($made),
            $this->events($legs, $made),
            Calls::on($this, $made),
            $this->ends($made),
            $this->title(),
        );
    }

    /** What it comes to, as a sentence without its stop. */
    public function title(): string
    {
        $made = $this->made();

        return Summary::of($this, $made, $this->options[(int) array_search($made, $this->endings, true)]);
    }

    /** @return array<int, true> by base: somebody is behind the throws there */
    private function backedUp(): array
    {
        $bases = [];
        foreach ($this->jobs as $own) {
            foreach ($own as $job) {
                foreach (Base::cases() as $base) {
                    if ($job->isBehind($base)) {
                        $bases[$base->value] = true;
                    }
                }
            }
        }

        return $bases;
    }

    /** @return non-empty-list<Leg> */
    private function legs(Ending $made, ThrowOption $option): array
    {
        $possession = $this->ball->possession();
        $cut = $this->ways->cut;
        if (null === $cut || null === $made->way->cutAt || null === $made->way->again) {
            return [new Leg($possession, $this->options, $option)];
        }

        return [
            new Leg($possession, $this->options, $option, new Stop($cut->who->position, $cut->at, $made->way->cutAt)),
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
        $spots = $this->spots();
        $moves = [];
        foreach (Position::cases() as $position) {
            $who = $this->setting->cast->at($position);
            $own = $this->jobs[$position->value] ?? [];
            if ($position === $this->ball->by->position) {
                $own = [$this->ball->reached->isBehindHim() ? Job::fieldBehind() : Job::fieldOut()];
            }
            $moves[$position->value] = new Move($who, $own, $spots->track($who, $own[0] ?? null));
        }

        return $moves;
    }

    /** @param non-empty-list<Leg> $legs */
    private function ballTrack(array $legs): Track
    {
        $track = Track::standingAt(Point::home());
        $ball = $this->trial->ball;
        if ($ball->isInTheAir()) {
            $track = $track->thenAt($ball->landing(), min($ball->hang, $this->ball->seconds));
        }
        for ($at = $ball->hang + self::ROLL_SAMPLE; $at < $this->ball->seconds; $at += self::ROLL_SAMPLE) {
            $track = $track->thenAt($ball->at($at), $at);
        }
        foreach ($legs as $leg) {
            $to = $leg->cut->at ?? $this->setting->bag($leg->made->base);
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
        foreach ($this->runners as $runner) {
            $from =
                0 === $runner->from || BallKind::Caught === $this->kind
                    ? (0 === $runner->from ? Point::home() : $this->setting->bag(Base::from($runner->from)))
                    : $this->leadOf($runner->from);
            $track = Track::standingAt($from);
            if ($made->ends[$runner->from] > $runner->from) {
                $track = $track->thenAt($from, max(0.0, $runner->starts));
            }
            for ($base = $runner->from + 1; $base <= $made->ends[$runner->from]; ++$base) {
                $track = $track->thenAt($this->setting->bag(Base::from($base)), $runner->arrivals[$base]);
            }
            $tracks[$runner->name()] = $track;
        }

        return $tracks;
    }

    /** @return array<string, int> */
    private function ends(Ending $made): array
    {
        $ends = [];
        foreach ($this->runners as $runner) {
            $ends[$runner->name()] = $made->ends[$runner->from];
        }

        return $ends;
    }

    private function leadOf(int $from): Point
    {
        foreach ($this->setting->runners as $runner) {
            if ($runner->base->value === $from) {
                $bag = $this->setting->bag($runner->base);

                return $bag->toward($this->setting->bag($runner->base->next() ?? Base::Home), $runner->lead);
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
        $by = $this->ball->by->position->value;
        $events = [
            new Event(EventKind::Contact, 0.0, 'Contact'),
            new Event(
                EventKind::Fielded,
                $this->ball->seconds,
                (Reached::Caught === $this->ball->reached ? 'Caught, ' : 'Picked up, ') . $by,
            ),
            new Event(EventKind::Released, $made->way->released, 'Thrown'),
        ];
        if (null !== $made->way->cutAt && null !== $made->way->again) {
            $events[] = new Event(
                EventKind::Fielded,
                $made->way->cutAt,
                ($this->ways->cut->who->position->value ?? '') . ' has it',
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

    /**
     * @return array<int, float> s at which somebody could be at a base that he may still want, with the ball there too:
     *                           a bag needs nobody before that
     */
    private function threats(Ending $made): array
    {
        $threats = [];
        foreach ($this->runners as $runner) {
            foreach ([0, 1] as $more) {
                $base = max($made->ends[$runner->from], $runner->from + 1) + $more;
                if ($base <= Base::Home->value) {
                    $ball = $this->ways->to(Base::from($base))->arrives;
                    $threats[$base] = min($threats[$base] ?? \INF, max($ball, $runner->arrivals[$base]));
                }
            }
        }
        ksort($threats);

        return $threats;
    }
}
