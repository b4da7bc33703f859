<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Errand;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Play\Cast\CastMember;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\Verb;

/** Where each job leads its fielder, whatever the play: one answer, but for what only the play can know. */
final readonly class Places
{
    /** ft that the second man to the ball keeps from it, so that the throwing lane is free (ours). */
    private const CLEAR_OF_BALL = 18.0;
    /** ft behind a bag at which a back-up stands at least and at most, and the steps between them (ours). */
    private const BACK_UP = [16.0, 40.0, 1.0];
    /** Of a throw's length: no deeper than that behind it (ours). */
    private const OF_THROW = 0.4;
    /** ft behind the plate at which the backstop may stand (ours). */
    private const BACKSTOP = 30.0;
    /** A throw that misses by so many standard deviations is the one that he is there for (ours). */
    private const WILD = 2.0;
    /** ft in front of a bag, toward the throw, at which it can be cut (ours). */
    public const IN_FRONT = 15.0;
    /** ft outside a bag, from which it is filled when whoever stood there has left (ours). */
    private const BESIDE = 10.0;
    /** ft from the mound toward second, to where the pitcher goes who is ready to cut (ours). */
    private const READY = 18.0;

    /**
     * @param Point                                           $from where the ball is thrown from
     * @param Speed                                           $arm  of whoever throws it
     * @param array<string, \Closure(CastMember, Job): Point> $own  what the play knows better, by the verb's value
     */
    public function __construct(
        private Scene $scene,
        private Point $from,
        private Speed $arm,
        private array $own = [],
    ) {}

    public function of(CastMember $who, Job $job): Point
    {
        $own = $this->own[$job->verb->value] ?? null;
        if (null !== $own) {
            return $own($who, $job);
        }
        $bag = null === $job->base ? $who->start : $this->scene->bag($job->base);

        return match ($job->verb) {
            Verb::Cover, Verb::TurnBack, Verb::ComeIn, Verb::TakeThrow, Verb::Receive, Verb::Hold => $bag,
            Verb::BackUp => $this->behind($who, $job->base ?? Base::Home, $this->from, $this->arm),
            Verb::Cut, Verb::LastCut, Verb::Trail => $this->from->between($bag, 0.5),
            Verb::CutShort => $bag->toward($this->from, self::IN_FRONT),
            Verb::Fill => $this->beside($bag),
            Verb::Converge => $this->from->toward($who->start, self::CLEAR_OF_BALL),
            Verb::Ready => $this->mound()->toward(
                $this->scene->bag(Base::Second)->between($this->from, 0.1),
                self::READY,
            ),
            default => $who->start,
        };
    }

    /**
     * In line with a throw, so deep that he reaches one that misses: the ball needs longer to him than he to it, and no
     * deeper than that. A short throw leaves no time at any depth: there he stays near.
     */
    public function behind(CastMember $who, Base $base, Point $from, Speed $arm): Point
    {
        $bag = $this->scene->bag($base);
        $feet = $from->distanceTo($bag);
        $speed = $arm->feetPerSecond * exp(-$this->scene->throwing->throws->drag * $feet);
        $miss = self::WILD * $feet * Giving::scatter($this->scene->level->skills->throw);
        $motion = $this->scene->level->motion;
        [$depth, $most, $step] = self::BACK_UP;
        $most = min(Base::Home === $base ? self::BACKSTOP : $most, max($depth, self::OF_THROW * $feet));
        while ($depth < $most) {
            $wide = ($miss * ($feet + $depth)) / max(1.0, $feet);
            $run = $who->legs->distanceAfter($depth / $speed - $motion->infieldReaction) + $motion->reach;
            if ($run >= $wide) {
                break;
            }
            $depth = min($most, $depth + $step);
        }

        // A ball that comes from home to home is a pitch: behind the plate is behind the plate.
        return $feet < 1.0 ? $bag->plus(0.0, -$depth) : $from->toward($bag, $feet + $depth);
    }

    private function beside(Point $bag): Point
    {
        return $this->mound()->toward($bag, $this->mound()->distanceTo($bag) + self::BESIDE);
    }

    private function mound(): Point
    {
        return $this->scene->rules->diamond()->pitchersPlate();
    }
}
