<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Running;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\CastMember;
use FoxCorner\Core\Play\Clock\GotBy;
use FoxCorner\Core\Play\Clock\Move;
use FoxCorner\Core\Play\Clock\Scene;
use FoxCorner\Core\Play\Clock\Track;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\JobKind;
use FoxCorner\Core\Play\Scheme\Verb;

/** Where the jobs about runners lead, while nobody has hit the ball: all go at one moment, in seconds of the play. */
final readonly class Errands
{
    /** ft behind a bag, in line with the throw, at which somebody has time for one that gets by (ours). */
    private const BEHIND = 25.0;
    /** ft behind the plate, which is where the backstop lets him be (ours). */
    private const BEHIND_HOME = 20.0;
    /** ft in front of a bag, toward the throw, at which it can be cut (ours). */
    private const IN_FRONT = 15.0;
    /** ft outside a bag, from which it is filled when whoever stood there has left (ours). */
    private const BESIDE = 10.0;
    /** s between looks at it. */
    private const LOOK = 0.1;

    /**
     * @param Point                           $from   where the ball is thrown from
     * @param float                           $starts s at which everybody goes who was not told otherwise
     * @param array<int, float>               $own    s at which certain ones go, by position number
     * @param array<int, non-empty-list<Job>> $jobs   by position number
     */
    public function __construct(
        private Scene $scene,
        private Point $from,
        private array $jobs,
        private float $starts,
        private array $own = [],
    ) {}

    /** @return array<int, Move> by position number */
    public function moves(): array
    {
        $moves = [];
        foreach (Position::cases() as $position) {
            $own = $this->jobs[$position->value] ?? [];
            $who = $this->scene->cast->at($position);
            $moves[$position->value] = new Move($who, $own, $this->track($who, $own[0] ?? null));
        }

        return $moves;
    }

    /** Who is to take a throw at a bag; null when nobody is. */
    public function taker(Base $base): ?Position
    {
        return $this->soonest($base)[0];
    }

    /** s at which whoever takes a throw at a bag is there; INF when nobody does. */
    public function takenFrom(Base $base): float
    {
        return $this->soonest($base)[1];
    }

    /** @return array{Position|null, float} who takes it there, and from which second on */
    private function soonest(Base $base): array
    {
        [$taker, $soonest] = [null, \INF];
        foreach ($this->jobs as $number => $own) {
            foreach ($own as $job) {
                $position = Position::from($number);
                $there = $job->takes($base) ? $this->there($position, $job) : \INF;
                if ($there < $soonest) {
                    [$taker, $soonest] = [$position, $there];
                }
            }
        }

        return [$taker, $soonest];
    }

    /**
     * Whether somebody who has been sent behind a bag has a throw that gets by in time, so that a runner gets one base.
     *
     * @param float $ball s at which it is at the bag
     */
    public function isBackedUp(Base $base, float $ball): bool
    {
        foreach ($this->jobs as $number => $own) {
            foreach ($own as $job) {
                if ($job->isBehind($base) && $this->meets(Position::from($number), $base, $ball)) {
                    return true;
                }
            }
        }

        return false;
    }

    private function meets(Position $position, Base $base, float $ball): bool
    {
        return (new GotBy($this->scene, $this->from, $base))->isMet(
            $this->scene->cast->at($position),
            $this->starts($position),
            $ball,
            self::LOOK,
        );
    }

    public function there(Position $position, Job $job): float
    {
        $who = $this->scene->cast->at($position);
        $feet = $who->start->distanceTo($this->point($who, $job));

        return $feet < 1.0 ? 0.0 : $this->starts($position) + $who->legs->secondsFor($feet);
    }

    private function track(CastMember $who, ?Job $job): Track
    {
        $standing = Track::standingAt($who->start);

        return null === $job
            ? $standing
            : $standing->thenRuns($this->point($who, $job), max(0.0, $this->starts($who->position)), $who->legs);
    }

    private function starts(Position $position): float
    {
        return $this->own[$position->value] ?? $this->starts;
    }

    private function point(CastMember $who, Job $job): Point
    {
        if (null === $job->base) {
            return $who->start;
        }
        $bag = $this->scene->bag($job->base);
        if (Verb::Fill === $job->verb) {
            $middle = $this->scene->rules->diamond()->pitchersPlate();

            return $middle->toward($bag, $middle->distanceTo($bag) + self::BESIDE);
        }

        return match ($job->kind) {
            JobKind::Cover, JobKind::Hold => $bag,
            JobKind::BackUp => $this->behind($job->base, $bag),
            JobKind::Cut => $bag->toward($this->from, self::IN_FRONT),
            default => $who->start,
        };
    }

    private function behind(Base $base, Point $bag): Point
    {
        // A throw from home to home is a pitch: behind the plate is behind the plate.
        if (Base::Home === $base) {
            return Point::of(0.0, -self::BEHIND_HOME);
        }
        $feet = $this->from->distanceTo($bag);

        return $this->from->toward($bag, $feet + self::BEHIND);
    }
}
