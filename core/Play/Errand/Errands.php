<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Errand;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\CastMember;
use FoxCorner\Core\Play\Clock\Move;
use FoxCorner\Core\Play\Clock\Track;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Job;

/** Who is where when on a play: what everybody does, who is first at a bag, who is behind it in time. */
final class Errands
{
    /** ft; whoever has less to go is there. */
    private const THERE = 1.0;

    /** @var array<int, array{Position|null, float}> by base, once asked */
    private array $first = [];

    /**
     * @param array<int, list<Job>>                           $jobs   by position number
     * @param \Closure(CastMember, Job): float                $starts s at which somebody goes
     * @param array<string, \Closure(CastMember, Job): Track> $ways   who does not go straight, by the verb's value
     */
    public function __construct(
        private readonly Scene $scene,
        private readonly Point $from,
        private readonly array $jobs,
        private readonly Places $places,
        private readonly \Closure $starts,
        private readonly array $ways = [],
    ) {}

    /**
     * All go at one moment, but for those who were told otherwise.
     *
     * @param CastMember            $by     whoever throws
     * @param array<int, list<Job>> $jobs   by position number
     * @param float                 $starts s
     * @param array<int, float>     $own    s at which certain ones go, by position number
     */
    public static function sent(
        Scene $scene,
        Point $from,
        CastMember $by,
        array $jobs,
        float $starts,
        array $own = [],
    ): self {
        return new self(
            $scene,
            $from,
            $jobs,
            new Places($scene, $from, $by->arm),
            static fn(CastMember $who): float => $own[$who->position->value] ?? $starts,
        );
    }

    /** @return array<int, Move> by position number */
    public function moves(): array
    {
        $moves = [];
        foreach (Position::cases() as $position) {
            $moves[$position->value] = $this->move($position);
        }

        return $moves;
    }

    public function move(Position $position): Move
    {
        $who = $this->scene->cast->at($position);
        $jobs = $this->jobs[$position->value] ?? [];

        if ([] === $jobs) {
            return new Move($who, [], Track::standingAt($who->start), 0.0);
        }
        $starts = ($this->starts)($who, $jobs[0]);

        return new Move($who, $jobs, $this->track($who, $jobs[0], $starts), $starts);
    }

    /** Who is to take a throw at a bag; null when nobody is. */
    public function taker(Base $base): ?Position
    {
        return $this->first($base)[0];
    }

    /** s at which whoever takes a throw at a bag is there; INF when nobody does. */
    public function takenFrom(Base $base): float
    {
        return $this->first($base)[1];
    }

    /**
     * Whether one of them has a throw that gets by in time, so that a runner gets one base.
     *
     * @param float $ball s at which it is at the bag
     */
    public function isBackedUp(Base $base, float $ball): bool
    {
        $behind = $this->behind($base);
        if ([] === $behind) {
            return false;
        }
        $gotBy = new GotBy($this->scene, $this->from, $base);
        foreach ($behind as [$who, $job]) {
            if ($gotBy->isMet($who, ($this->starts)($who, $job), $ball)) {
                return true;
            }
        }

        return false;
    }

    /** s at which somebody is where his job is done. */
    public function there(Position $position, Job $job): float
    {
        $who = $this->scene->cast->at($position);
        $way = $this->ways[$job->verb->value] ?? null;
        if (null !== $way) {
            return $way($who, $job)->end()->seconds;
        }
        $feet = $who->start->distanceTo($this->places->of($who, $job));

        return $feet < self::THERE ? 0.0 : max(0.0, ($this->starts)($who, $job) + $who->legs->secondsFor($feet));
    }

    /** @return list<array{CastMember, Job}> */
    private function behind(Base $base): array
    {
        $behind = [];
        foreach ($this->jobs as $number => $own) {
            foreach ($own as $job) {
                if ($job->isBehind($base)) {
                    $behind[] = [$this->scene->cast->at(Position::from($number)), $job];
                    break;
                }
            }
        }

        return $behind;
    }

    /** @return array{Position|null, float} who takes a throw there, and from which second on */
    private function first(Base $base): array
    {
        return $this->first[$base->value] ??= $this->soonest($base);
    }

    /** @return array{Position|null, float} */
    private function soonest(Base $base): array
    {
        [$taker, $soonest] = [null, \INF];
        foreach ($this->jobs as $number => $own) {
            foreach ($own as $job) {
                if ($job->takes($base)) {
                    $there = $this->there(Position::from($number), $job);
                    [$taker, $soonest] = $there < $soonest ? [Position::from($number), $there] : [$taker, $soonest];
                }
            }
        }

        return [$taker, $soonest];
    }

    private function track(CastMember $who, Job $job, float $starts): Track
    {
        $way = $this->ways[$job->verb->value] ?? null;

        return null === $way
            ? Track::standingAt($who->start)->thenRuns($this->places->of($who, $job), $starts, $who->legs)
            : $way($who, $job);
    }
}
