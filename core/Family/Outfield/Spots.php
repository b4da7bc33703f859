<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Play\Ball\Retrieval;
use FoxCorner\Core\Play\Cast\CastMember;
use FoxCorner\Core\Play\Clock\Track;
use FoxCorner\Core\Play\Errand\Errands;
use FoxCorner\Core\Play\Errand\Places;
use FoxCorner\Core\Play\Scene\PlaySetting;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\Verb;

/** What only a ball to the outfield knows of where a job leads: the line of the throw, the ball, the runner. */
final readonly class Spots
{
    /** Of the base path, to the left and back: how far off the line he waits who reads the throw (ours). */
    private const OUTSIDE = 0.12;
    /** ft behind the ball at which the neighbour runs (ours); never beyond the fence. */
    private const BEHIND_BALL = 25.0;
    private const OFF_FENCE = 6.0;
    /** ft beside the ball, where there is no room behind it (ours). */
    private const BESIDE_BALL = 15.0;
    /** ft between the lead man and the one who trails him. Source: the project's model. */
    private const TRAIL = [8.0, 20.0];
    /** ft above the catch that a lead man reaches (ours). */
    private const OVER_HIM = 4.0;
    /** s that the batter-runner's follower leaves between them, as he goes with him (ours). */
    private const BEHIND_RUNNER = 0.3;
    /** Of the base path, from first toward second, where he waits for the touch (ours). */
    private const BESIDE_FIRST = 0.12;

    public function __construct(
        private PlaySetting $setting,
        private Retrieval $ball,
        private WaysIn $ways,
        private WayIn $made,
        private OnTheBases $batter,
    ) {}

    /** @param array<int, list<Job>> $jobs by position number */
    public function errands(array $jobs): Errands
    {
        $reaction = $this->setting->level->motion->outfieldReaction;

        return new Errands(
            $this->setting->scene,
            $this->ball->at,
            $jobs,
            $this->places(),
            static fn(CastMember $who, Job $job): float => Verb::BehindBall === $job->verb ? $reaction : $who->reaction,
            [
                Verb::FieldOut->value => $this->toBall(...),
                Verb::RunDown->value => $this->toBall(...),
                Verb::Follow->value => $this->following(...),
                Verb::ReadThenBehind->value => $this->reading(...),
            ],
        );
    }

    public function places(): Places
    {
        return new Places($this->setting->scene, $this->ball->at, $this->ball->by->arm, [
            Verb::LastCut->value => fn(CastMember $who, Job $job): Point => CutMan::lastOn(
                $this->ball->at,
                $this->bag($job),
                $this->setting->rules->basePath,
            ),
            Verb::Cut->value => $this->cutting(...),
            Verb::Trail->value => $this->trailing(...),
            Verb::Follow->value => fn(): Point => $this->setting->bag(Base::Second),
            Verb::BehindBall->value => $this->behindBall(...),
            Verb::BackUp->value => fn(CastMember $who, Job $job): Point => $this->behind($who, $job->base),
            Verb::ReadThenBehind->value => fn(CastMember $who): Point => $this->behind($who, null),
        ]);
    }

    private function bag(Job $job): Point
    {
        return $this->setting->bag($job->base ?? $this->made->base);
    }

    private function cutting(CastMember $who, Job $job): Point
    {
        return $this->ways->cut?->who->position === $who->position
            ? $this->ways->cut->at
            : $this->ball->at->between($this->bag($job), 0.5);
    }

    /** ft behind the lead man: where a throw that sails over him comes down into the hands of the next. */
    public function trailFeet(): float
    {
        $cut = $this->ways->cut;
        if (null === $cut) {
            return self::TRAIL[1];
        }
        $falls = $this->setting->throwing->throws->falls($cut->place->fromBall, $this->ball->by->arm);

        return max(self::TRAIL[0], min(self::TRAIL[1], self::OVER_HIM / max(0.01, $falls)));
    }

    private function trailing(CastMember $who, Job $job): Point
    {
        $cut = $this->ways->cut;
        $bag = $this->bag($job);

        return null === $cut ? $this->ball->at->between($bag, 0.5) : $cut->at->toward($bag, $this->trailFeet());
    }

    /** Behind it, seen from home; with no room there, on his own side of it. */
    private function behindBall(CastMember $who): Point
    {
        $feet = $this->ball->at->distanceTo(Point::home());
        $degrees = $this->ball->at->sprayDegrees();
        $fence = $this->setting->rules->fence->distanceAt($degrees) - self::OFF_FENCE;
        if ($feet + self::BESIDE_BALL < $fence) {
            return Point::polar(min($feet + self::BEHIND_BALL, $fence), $degrees);
        }
        $aside = rad2deg(self::BESIDE_BALL / max(1.0, $feet));

        return Point::polar(min($feet, $fence), $degrees + ($who->start->sprayDegrees() > $degrees ? $aside : -$aside));
    }

    /** The base that the throw goes to, of the two between which the pitcher reads; home unless it is third. */
    private function read(): Base
    {
        return Base::Third === $this->made->base ? Base::Third : Base::Home;
    }

    /**
     * In line with the last throw there, be it a cutoff man's.
     *
     * @param Base|null $base null: he reads where it goes
     */
    private function behind(CastMember $who, ?Base $base): Point
    {
        $base ??= $this->read();
        $cut = $this->ways->cut;
        $isLast = null !== $cut && $this->made->isCut() && $this->made->base === $base;
        $places = new Places($this->setting->scene, $this->ball->at, $this->ball->by->arm);

        return $isLast
            ? $places->behind($who, $base, $cut->at, $cut->who->arm)
            : $places->behind($who, $base, $this->ball->at, $this->ball->by->arm);
    }

    private function toBall(): Track
    {
        $by = $this->ball->by;
        $there = $this->ball->seconds - $this->ball->early;

        return Track::standingAt($by->start)
            ->thenAt($by->start, min($by->reaction, $there))
            ->thenAt($this->ball->at, $there)
            ->thenAt($this->ball->at, $this->ball->seconds);
    }

    private function following(CastMember $who): Track
    {
        $first = $this->setting->bag(Base::First);
        $beside = $first->toward(
            $this->setting->bag(Base::Second),
            self::BESIDE_FIRST * $this->setting->rules->basePath,
        );
        $track = Track::standingAt($who->start)->thenRuns($beside, $who->reaction, $who->legs);
        $touched = $this->batter->arrivals[Base::First->value] + self::BEHIND_RUNNER;

        return $track->thenRuns($this->setting->bag(Base::Second), max($touched, $track->end()->seconds), $who->legs);
    }

    /** Between third and home until the throw is on its way, then behind the base that it goes to. */
    private function reading(CastMember $who): Track
    {
        [$third, $home] = [$this->setting->bag(Base::Third), $this->setting->bag(Base::Home)];
        $between = $third
            ->between($home, 0.5)
            ->plus(-self::OUTSIDE * $this->setting->rules->basePath, -self::OUTSIDE * $this->setting->rules->basePath);
        $track = Track::standingAt($who->start)->thenRuns($between, $who->reaction, $who->legs);

        return $track->thenRuns(
            $this->behind($who, null),
            max($this->made->released, $track->end()->seconds),
            $who->legs,
        );
    }
}
