<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Motion\MotionProfile;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\CastMember;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\JobKind;
use FoxCorner\Core\Play\Scheme\Verb;

/** Where each job leads its fielder, and when he is there. */
final readonly class Paths
{
    /** ft behind a bag, in line with the throw, at which a back-up has time to react (ours). */
    private const BACK_UP_DEPTH = 20.0;
    /** ft that the second man to the ball keeps from it, so that the throwing lane is free (ours). */
    private const CLEAR_OF_BALL = 18.0;

    public function __construct(private Scene $scene, private Coverage $coverage, private Possession $ball) {}

    /** A fielder of a coverage at contact: who leaves with the pitch is on the way already. */
    public static function starting(CastMember $who, Coverage $coverage, MotionProfile $motion): CastMember
    {
        return \in_array($who->position, $coverage->early, true) ? $who->leaving(-$motion->earlyStart) : $who;
    }

    /** Seconds from contact until the fielder is at the bag of his job. */
    public function there(Position $position, Job $job): float
    {
        $who = $this->who($position);
        $bag = $this->scene->bag($job->base ?? throw self::withoutBase($job));
        if (Verb::TurnBack !== $job->verb) {
            return max(0.0, $who->secondsTo($bag));
        }

        return $this->turned() + $who->legs->secondsFor($this->charged($who)->distanceTo($bag));
    }

    /** @param Job|null $job null: stands and watches */
    public function track(Position $position, ?Job $job): Track
    {
        $who = $this->who($position);
        // Who left with the pitch has run for a while at contact.
        $standing = Track::standingAt($who->start);

        return match ($job?->kind) {
            null => $standing,
            JobKind::Field => $this->toBall($standing, $who),
            JobKind::Converge => $standing->thenRuns(
                $this->ball->at->toward($who->start, self::CLEAR_OF_BALL),
                $who->reaction,
                $who->legs,
            ),
            JobKind::BackUp => $standing->thenRuns(
                $this->behind($job->base ?? throw self::withoutBase($job)),
                $who->reaction,
                $who->legs,
            ),
            default => $this->toBag($standing, $who, $job),
        };
    }

    private function toBall(Track $standing, CastMember $who): Track
    {
        $there = $this->ball->seconds;

        return $standing->thenAt($who->start, min(max(0.0, $who->reaction), $there))->thenAt($this->ball->at, $there);
    }

    private function toBag(Track $standing, CastMember $who, Job $job): Track
    {
        $bag = $this->scene->bag($job->base ?? throw self::withoutBase($job));
        if (Verb::TurnBack !== $job->verb) {
            return $standing->thenRuns($bag, $who->reaction, $who->legs);
        }

        return $standing
            ->thenRuns($this->charged($who), $who->reaction, $who->legs)
            ->thenRuns($bag, $this->turned(), $who->legs);
    }

    private function behind(Base $base): Point
    {
        $bag = $this->scene->bag($base);

        return $this->ball->at->toward($bag, $this->ball->at->distanceTo($bag) + self::BACK_UP_DEPTH);
    }

    /** Where somebody is who charges until he sees that the ball is another's. */
    private function charged(CastMember $who): Point
    {
        return $who->start->toward(
            $this->ball->at,
            $who->legs->distanceAfter($this->scene->level->motion->turnBackRead - $who->reaction),
        );
    }

    /** Seconds at which he runs the other way. */
    private function turned(): float
    {
        return $this->scene->level->motion->turnBackRead + $this->scene->level->motion->turnBackLoss;
    }

    private function who(Position $position): CastMember
    {
        return self::starting($this->scene->cast->at($position), $this->coverage, $this->scene->level->motion);
    }

    private static function withoutBase(Job $job): \LogicException
    {
        return new \LogicException("The job “{$job->words}” has no base.");
    }
}
