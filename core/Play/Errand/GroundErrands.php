<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Errand;

use FoxCorner\Core\Play\Ball\Possession;
use FoxCorner\Core\Play\Cast\CastMember;
use FoxCorner\Core\Play\Clock\Track;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Branch;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\Verb;

/** Who is where when while somebody of the infield has a ball on the ground. */
final class GroundErrands
{
    private function __construct(private readonly Scene $scene, private readonly Possession $ball) {}

    /**
     * @param array<string, \Closure(CastMember, Job): Track> $ways who does not go straight, by the verb's value
     * @param Branch|null                                     $also on what it hangs besides who has the ball
     */
    public static function of(
        Scene $scene,
        Coverage $coverage,
        Possession $ball,
        array $ways = [],
        ?Branch $also = null,
    ): Errands {
        $self = new self($scene, $ball);
        $branch = Branch::fieldedBy($ball->by->position);
        $starts = static fn(CastMember $who): float => self::goes($who, $coverage, $scene);

        return new Errands(
            $scene,
            $ball->at,
            $coverage->jobs(null === $also ? $branch : $branch->and($also)),
            new Places($scene, $ball->at, $ball->by->arm),
            $starts,
            $ways + [
                Verb::Field->value => static fn(CastMember $who): Track => $self->toBall($who, $starts($who)),
                Verb::TurnBack->value => static fn(CastMember $who, Job $job): Track => $self->turningBack(
                    $who,
                    $job,
                    $starts($who),
                ),
            ],
        );
    }

    /** A fielder of a coverage at contact. */
    public static function leaving(CastMember $who, Coverage $coverage, Scene $scene): CastMember
    {
        $goes = self::goes($who, $coverage, $scene);

        return $goes === $who->reaction ? $who : $who->leaving($goes);
    }

    /** s after contact at which he goes: who leaves with the pitch is on the way already. */
    private static function goes(CastMember $who, Coverage $coverage, Scene $scene): float
    {
        return \in_array($who->position, $coverage->early, true) ? -$scene->level->motion->earlyStart : $who->reaction;
    }

    private function toBall(CastMember $who, float $starts): Track
    {
        $there = $this->ball->seconds;

        return Track::standingAt($who->start)
            ->thenAt($who->start, min(max(0.0, $starts), $there))
            ->thenAt($this->ball->at, $there);
    }

    /** He charges until he sees that the ball is another's, and runs the other way. */
    private function turningBack(CastMember $who, Job $job, float $starts): Track
    {
        $motion = $this->scene->level->motion;
        $charged = $who->legs->distanceAfter($motion->turnBackRead - $starts);

        return Track::standingAt($who->start)
            ->thenRuns($who->start->toward($this->ball->at, $charged), $starts, $who->legs)
            ->thenRuns(
                $this->scene->bag($job->base ?? throw new \LogicException('He goes back to a bag.')),
                $motion->turnBackRead + $motion->turnBackLoss,
                $who->legs,
            );
    }
}
