<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Rundown;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\CastMember;
use FoxCorner\Core\Play\Choice\Odds;
use FoxCorner\Core\Play\Choice\Race;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Clock\Play;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Running\BetweenPitches;
use FoxCorner\Core\Play\Running\Going;
use FoxCorner\Core\Play\Running\TagThrow;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\JobKind;
use FoxCorner\Core\Play\Scheme\Verb;

/** A runner caught between two bases on the clock: seconds from the moment at which he is run at. */
final readonly class RundownPlay implements Play
{
    /** Of the way to the next base, half. */
    private const HALF_WAY = 0.5;
    /** s by which whoever is drawn comes before the other (ours). */
    private const CLOSE = 0.1;
    /** Of the base path, as near as whoever has the ball usually is. */
    private const NEAR = 0.25;
    /** ft in front of his bag at which whoever has the ball starts, at least. */
    private const OFF_HIS_BAG = 2.0;

    public Going $runner;
    public Base $from;
    public Base $to;
    /** ft off the base that he comes from */
    public float $off;
    /** ft from him to the ball */
    public float $gap;
    /** Whether he is run toward the base in front of him, because the ball is behind. */
    public bool $isForward;
    public Chase $chase;
    public ChaseEnd $end;
    public CastMember $starter;
    public CastMember $receiver;
    /** @var array<int, non-empty-list<Job>> by position number */
    public array $jobs;
    private ThrowOption $option;

    public function __construct(public Scene $scene, public Coverage $coverage, public RundownTrial $trial)
    {
        $this->runner = $this->caught();
        $this->from = $this->runner->from;
        $this->to = $this->runner->to();
        $path = $scene->rules->basePath;
        $this->off = min($path - self::OFF_HIS_BAG, $trial->off ?? self::HALF_WAY * $path);
        $this->isForward = $trial->isBehind;
        $most = $this->isForward ? $this->off : $path - $this->off;
        $this->gap = max(1.0, min($most, $trial->gap ?? self::NEAR * $path));
        $jobs = $coverage->jobs(RundownCoverages::branch($this->from));
        $behind = $this->isForward ? $this->from : $this->to;
        $ahead = $this->isForward ? $this->to : $this->from;
        $this->starter = $scene->cast->at(self::who($jobs, $behind));
        $this->receiver = $scene->cast->at(self::who($jobs, $ahead));
        $jobs[$this->starter->position->value] = [Verb::RunAtHim->job()];
        $this->jobs = $jobs;
        $this->chase = new Chase(
            $path,
            $this->runner->thief->legs,
            $this->receiver->legs,
            $this->starter->arm,
            $scene->throwing->throws,
            $scene->level->skills,
        );
        $this->end = $this->chase->best($this->toGo(), $this->gap);
        $this->option = $this->option($ahead);
    }

    public function firstBy(): Position
    {
        return $this->starter->position;
    }

    public function options(): array
    {
        return [$this->option];
    }

    /** ft from him to the bag that he is run toward */
    public function toGo(): float
    {
        $path = $this->scene->rules->basePath;

        return $this->isForward ? $path - $this->off : $this->off;
    }

    public function ahead(): Base
    {
        return $this->isForward ? $this->to : $this->from;
    }

    /** A point on the line between the two bases. */
    public function at(float $off): Point
    {
        return $this->scene->bag($this->from)->toward($this->scene->bag($this->to), $off);
    }

    public function made(): ThrowOption
    {
        return $this->option;
    }

    public function timeline(): Timeline
    {
        return (new RundownDrawing($this))->timeline();
    }

    /**
     * The runner in front of him, who may break: what a throw there would do.
     *
     * @return list<Watched>
     */
    public function watched(): array
    {
        $watched = [];
        foreach (Going::all($this->scene) as $other) {
            if ($other->from->value <= $this->from->value) {
                continue;
            }
            $target = $this->scene->bag($other->to());
            $ball = $this->at($this->isForward ? $this->off - $this->gap : $this->off + $this->gap);
            $there = $this->scene->level->motion->stealStart + $other->thief->secondsFrom($other->lead);
            $out = fn(float $feet, float $tag): float => TagThrow::over(
                $feet,
                Giving::reach($other->to()),
                $this->scene->level->skills,
            )->out($there - $tag, $other->thief->spread);
            $held = $ball->distanceTo($target);
            $tag = $this->tagAt($held, $this->starter);
            // As it leaves his hand: it has to get to the other man first, and he does not see who breaks.
            $bag = $this->scene->bag($this->ahead());
            $flight = $this->scene->throwing->throws->given($ball->distanceTo($bag), $this->starter->arm);
            $far = $bag->distanceTo($target);
            $watched[] = new Watched(
                $other->name(),
                $other->to(),
                $there,
                $tag,
                $out($held, $tag),
                $out($far, $flight + $this->tagAt($far, $this->receiver)),
                Outs::Two === $this->scene->situation->outs,
            );
        }

        return $watched;
    }

    /** s from the break until a throw so far is held and the tag made. */
    private function tagAt(float $feet, CastMember $by): float
    {
        $motion = $this->scene->level->motion;

        return BetweenPitches::SEEN +
            $motion->exchangeSet +
            $this->scene->throwing->throws->given($feet, $by->arm) +
            $motion->tag;
    }

    /** The chance of the second out when a runner behind him has come too far after the first tag. */
    public function two(): float
    {
        if (Outs::Two === $this->scene->situation->outs) {
            return 0.0;
        }
        $best = 0.0;
        foreach (Going::all($this->scene) as $other) {
            if ($other->from->value < $this->from->value) {
                $best = max($best, $this->trailing($other));
            }
        }

        return $this->end->out * $best;
    }

    /** A runner behind comes as far as the base in front of him lets him, and looks: half way when the tag is made. */
    private function trailing(Going $other): float
    {
        $motion = $this->scene->level->motion;
        $path = $this->scene->rules->basePath;
        $off = self::HALF_WAY * $path;
        $feet = $path;
        $ball =
            BetweenPitches::SEEN +
            $motion->exchangeSet +
            $this->scene->throwing->throws->given($feet, $this->receiver->arm);
        $back = $motion->infieldReaction + $other->thief->secondsBack($off, $motion);

        return OutChance::ofMargin($back - $ball - $motion->tag, $other->thief->spread) *
            Giving::caught(
                $feet,
                Giving::reach($other->from),
                $this->scene->level->skills->throw,
                $this->scene->level->skills->bag,
            );
    }

    private function caught(): Going
    {
        $all = Going::all($this->scene);
        foreach ($all as $going) {
            if ($going->from === $this->trial->from) {
                return $going;
            }
        }

        return $all[0] ?? throw new \LogicException('Nobody is on.');
    }

    /** @param array<int, non-empty-list<Job>> $jobs */
    private static function who(array $jobs, Base $base): Position
    {
        foreach ($jobs as $number => $own) {
            foreach ($own as $job) {
                if (Verb::Receive === $job->verb && $job->base === $base) {
                    return Position::from($number);
                }
            }
        }
        foreach ($jobs as $number => $own) {
            foreach ($own as $job) {
                if (JobKind::Cover === $job->kind && $job->base === $base) {
                    return Position::from($number);
                }
            }
        }

        return match ($base) {
            Base::First => Position::FirstBase,
            Base::Second => Position::Shortstop,
            Base::Third => Position::ThirdBase,
            Base::Home => Position::Catcher,
        };
    }

    private function option(Base $ahead): ThrowOption
    {
        $after = $this->end->after ?? 0.0;
        $turned = $this->end->turned;
        $tagged = $turned->caught ?? $after + $this->chase->flight(max(1.0, $this->end->throwAt ?? 1.0));
        $chance = $this->end->out;

        $tag = $this->scene->level->motion->tag;
        $runner = $tagged + $tag + ($chance > 0.5 ? self::CLOSE : -self::CLOSE);

        return new ThrowOption(
            $ahead,
            $this->receiver->position,
            Race::to($after + Chase::RELEASE, $tagged, 0.0, $tag, $runner),
            Odds::sure($chance, $this->two()),
            $this->cost($chance),
        );
    }

    /** Safe, he is at the base that he was run toward; a throw that gets by gives everybody one. */
    private function cost(float $chance): ?float
    {
        $after = $this->scene->after;
        $safe = $this->isForward ? $this->to->value : $this->from->value;

        return null === $after
            ? null
            : $chance * $after->of([$this->from->value => null]) +
                    (1 - $chance) * $after->of([$this->from->value => $safe]);
    }
}
