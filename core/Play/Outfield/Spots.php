<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Outfield;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Play\Cast\CastMember;
use FoxCorner\Core\Play\Clock\PlaySetting;
use FoxCorner\Core\Play\Clock\Track;
use FoxCorner\Core\Play\Relay\Retrieval;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\JobKind;
use FoxCorner\Core\Play\Scheme\Verb;

/** Where each job on a ball to the outfield leads its fielder. */
final readonly class Spots
{
    /** ft behind the ball at which the neighbour runs (ours); never beyond the fence. */
    private const BEHIND_BALL = 25.0;
    private const OFF_FENCE = 6.0;
    /** ft beside the ball, where there is no room behind it (ours). */
    private const BESIDE_BALL = 15.0;
    /** ft between the lead man and the one who trails him. Source: the project's model. */
    private const TRAIL = [8.0, 20.0];
    /** ft above the catch that a lead man reaches (ours). */
    private const OVER_HIM = 4.0;
    /** ft behind a bag at which a back-up stands at least and at most, and the steps between them (ours). */
    private const BACK_UP = [16.0, 40.0, 1.0];
    /** ft behind the plate at which the backstop may stand (ours). */
    private const BACKSTOP = 30.0;
    /** A throw that misses by so many standard deviations is the one that he is there for (ours). */
    private const WILD = 2.0;
    /** ft from the mound toward the base of the play, to where the pitcher goes who is ready to cut (ours). */
    private const READY = 18.0;
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

    public function track(CastMember $who, ?Job $job): Track
    {
        $standing = Track::standingAt($who->start);
        $to = null === $job ? $who->start : $this->point($who, $job);

        return match (true) {
            null === $job => $standing,
            JobKind::Field === $job->kind => $this->toBall($standing),
            JobKind::Follow === $job->kind => $this->following($standing, $who),
            Verb::ReadThenBehind === $job->verb => $this->reading($standing, $who, $to),
            Verb::BehindBall === $job->verb => $standing->thenRuns(
                $to,
                $this->setting->level->motion->outfieldReaction,
                $who->legs,
            ),
            default => $standing->thenRuns($to, $who->reaction, $who->legs),
        };
    }

    /** Where the job is done. */
    public function point(CastMember $who, Job $job): Point
    {
        $from = $this->ball->at;
        $bag = $this->setting->bag($job->base ?? $this->made->base);

        return match (true) {
            JobKind::Field === $job->kind => $from,
            Verb::LastCut === $job->verb => CutMan::lastOn($from, $bag, $this->setting->rules->basePath),
            JobKind::Cut === $job->kind => $this->ways->cut?->who->position === $who->position
                ? $this->ways->cut->at
                : $from->between($bag, 0.5),
            JobKind::Trail === $job->kind => $this->trail($bag),
            JobKind::Follow === $job->kind => $this->setting->bag(Base::Second),
            Verb::BehindBall === $job->verb => $this->behindBall($who),
            JobKind::BackUp === $job->kind => $this->behind($who, $job->base ?? $this->read()),
            JobKind::RelayReady === $job->kind => $this->setting->rules
                ->diamond()
                ->pitchersPlate()
                ->toward($this->setting->bag(Base::Second)->between($from, 0.1), self::READY),
            JobKind::Cover === $job->kind, JobKind::Hold === $job->kind => $bag,
            default => $from->toward($who->start, self::BEHIND_BALL),
        };
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

    private function trail(Point $bag): Point
    {
        $cut = $this->ways->cut;

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
     * In line with the throw, so deep that he reaches one that misses: the ball needs longer to him than he to it, and
     * no deeper than that.
     */
    private function behind(CastMember $who, Base $base): Point
    {
        [$from, $arm] = $this->lastThrow($base);
        $bag = $this->setting->bag($base);
        $feet = $from->distanceTo($bag);
        $speed = $arm * exp(-$this->setting->throwing->throws->drag * $feet);
        $miss = self::WILD * $feet * Giving::scatter($this->setting->level->skills->throw);
        $motion = $this->setting->level->motion;
        [$depth, $most, $step] = self::BACK_UP;
        $most = Base::Home === $base ? self::BACKSTOP : $most;
        while ($depth < $most) {
            $wide = ($miss * ($feet + $depth)) / max(1.0, $feet);
            $run = $who->legs->distanceAfter($depth / $speed - $motion->infieldReaction) + $motion->reach;
            if ($run >= $wide) {
                break;
            }
            $depth += $step;
        }

        return $from->toward($bag, $feet + $depth);
    }

    /** @return array{Point, float} where the throw to a base comes from, and ft/s of the arm */
    private function lastThrow(Base $base): array
    {
        $cut = $this->ways->cut;

        return null !== $cut && $this->made->isCut() && $cut->base === $base
            ? [$cut->at, $cut->who->arm->feetPerSecond]
            : [$this->ball->at, $this->ball->by->arm->feetPerSecond];
    }

    private function toBall(Track $standing): Track
    {
        $by = $this->ball->by;
        $there = $this->ball->seconds - $this->ball->early;

        return $standing
            ->thenAt($by->start, min($by->reaction, $there))
            ->thenAt($this->ball->at, $there)
            ->thenAt($this->ball->at, $this->ball->seconds);
    }

    private function following(Track $standing, CastMember $who): Track
    {
        $first = $this->setting->bag(Base::First);
        $beside = $first->toward(
            $this->setting->bag(Base::Second),
            self::BESIDE_FIRST * $this->setting->rules->basePath,
        );
        $track = $standing->thenRuns($beside, $who->reaction, $who->legs);
        $touched = $this->batter->arrivals[Base::First->value] + self::BEHIND_RUNNER;

        return $track->thenRuns($this->setting->bag(Base::Second), max($touched, $track->end()->seconds), $who->legs);
    }

    /** Between third and home until the throw is on its way, then behind the base that it goes to. */
    private function reading(Track $standing, CastMember $who, Point $to): Track
    {
        [$third, $home] = [$this->setting->bag(Base::Third), $this->setting->bag(Base::Home)];
        $between = $third
            ->between($home, 0.5)
            ->plus(-0.12 * $this->setting->rules->basePath, -0.12 * $this->setting->rules->basePath);
        $track = $standing->thenRuns($between, $who->reaction, $who->legs);

        return $track->thenRuns($to, max($this->made->released, $track->end()->seconds), $who->legs);
    }
}
