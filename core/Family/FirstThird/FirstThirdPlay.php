<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\FirstThird;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Choice\AfterPlay;
use FoxCorner\Core\Play\Choice\Odds;
use FoxCorner\Core\Play\Choice\Race;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Clock\CaughtBetween;
use FoxCorner\Core\Play\Clock\Play;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Errand\Errands;
use FoxCorner\Core\Play\Running\BatterSide;
use FoxCorner\Core\Play\Running\Battery;
use FoxCorner\Core\Play\Running\Going;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\Verb;

/** A first-and-third steal on the clock, as the coverage answers it. */
final readonly class FirstThirdPlay implements Play
{
    /** Of the base path, from third toward home, by which a shown bunt draws the third baseman in (ours). */
    private const DRAWN_IN = 0.3;
    /** Thrown through, it is thrown home from there when he is out more often than not. */
    private const MORE_OFTEN = 0.5;
    /** s at which a cover counts as there who never comes: long after the play (ours). */
    private const NEVER = 10.0;

    public School $school;
    public FirstThirdRace $race;
    public Chances $chances;
    public Choice $choice;
    public ThirdRunner $third;
    public Going $first;
    public Going $onThird;
    public Errands $errands;
    public Scene $scene;
    /** @var array<int, non-empty-list<Job>> by position number */
    public array $jobs;
    private ThrowOption $option;

    public function __construct(Scene $scene, public Coverage $coverage, public FirstThirdTrial $trial)
    {
        $this->scene = GoesWhen::FakeBunt === $trial->when ? self::drawnIn($scene) : $scene;
        $going = Going::all($scene);
        if (2 !== \count($going)) {
            throw new \LogicException('It needs runners on first and third.');
        }
        [$this->onThird, $this->first] = $going;
        $battery = Battery::onField($scene);
        $branch = BatterSide::of($scene->state->context->batter)->branch();
        $this->school = FirstThirdCoverages::school($coverage, $branch);
        $jobs = $coverage->jobs($branch);
        if (GoesWhen::Early === $trial->when) {
            $jobs[Position::Pitcher->value] = [Verb::StepOff->job()];
            $jobs[Position::Catcher->value] = [Job::cover(Base::Home)];
        }
        $this->jobs = $jobs;
        $starts = GoesWhen::Early === $trial->when ? $scene->level->motion->infieldReaction : $battery->toPlate;
        $this->errands = Errands::sent($this->scene, Point::home(), $scene->cast->at($this->firstBy()), $jobs, $starts);
        $middle = $scene->cast->at($this->errands->taker(Base::Second) ?? Position::SecondBase);
        $this->race = new FirstThirdRace(
            $battery,
            $this->first->thief,
            $this->first->lead,
            $this->onThird->thief,
            $this->onThird->lead,
            $middle->arm,
            $scene->rules,
            $scene->level,
            $trial->when,
            min($this->errands->takenFrom(Base::Second), self::NEVER),
        );
        $this->chances = new Chances($this->race);
        $this->choice = Choice::of($this->race, new AfterPlay($scene->worth(), $scene->situation), $scene->state);
        $this->third = $trial->third ?? $this->choice->worth($this->school)->worst();
        $this->option = $this->option();
    }

    public function firstBy(): Position
    {
        return GoesWhen::Early === $this->trial->when ? Position::Pitcher : Position::Catcher;
    }

    public function options(): array
    {
        return [$this->option];
    }

    public function made(): ThrowOption
    {
        return $this->option;
    }

    public function timeline(): Timeline
    {
        return (new FirstThirdDrawing($this))->timeline();
    }

    /** Whether the throw is stopped on its way and goes home. */
    public function isCut(): bool
    {
        return ThirdRunner::Stays !== $this->third &&
            \in_array($this->school, [School::ReadCut, School::ShortCut, School::ToPitcher], true);
    }

    /** Whether a throw home is made. */
    public function isHome(): bool
    {
        return Base::Home === $this->option->base;
    }

    /** Who stops it; null when nobody has been told to. */
    public function cutter(): ?Position
    {
        if (School::ToPitcher === $this->school) {
            return Position::Pitcher;
        }
        foreach ($this->jobs as $number => $own) {
            foreach ($own as $job) {
                if (Verb::CutShort === $job->verb) {
                    return Position::from($number);
                }
            }
        }

        return null;
    }

    public function caught(): ?CaughtBetween
    {
        $path = $this->scene->rules->basePath;

        return match (true) {
            GoesWhen::Early === $this->trial->when => new CaughtBetween(Base::First, $path / 2, false, $path / 2),
            $this->isCut() => new CaughtBetween(Base::Third, $path / 3, false, $path / 3),
            default => null,
        };
    }

    private function option(): ThrowOption
    {
        $worth = $this->choice->worth($this->school);
        $cost = null === $this->scene->cost ? null : $worth->against($this->third);
        $goes = ThirdRunner::Stays !== $this->third;
        $home = $goes ? $this->chances->outAtHome($this->school, $this->third) : 0.0;

        return match (true) {
            School::Concede === $this->school => $this->thrown(Base::Second, null, 0.0, \INF, $cost),
            School::FeintThird === $this->school => $this->thrown(
                Base::Third,
                $this->errands->taker(Base::Third),
                $this->chances->outAtThird($this->third),
                $this->race->tagAtThird(),
                $cost,
            ),
            $goes && (School::Through !== $this->school || $home > self::MORE_OFTEN) => $this->thrown(
                Base::Home,
                Position::Catcher,
                (1 - $this->chances->getsBack($this->school, $this->third)) * $home,
                $this->race->tagAtHome($this->school),
                $cost,
            ),
            School::ShortCut === $this->school, School::ToPitcher === $this->school => $this->thrown(
                Base::Second,
                null,
                0.0,
                \INF,
                $cost,
            ),
            default => $this->thrown(
                Base::Second,
                $this->errands->taker(Base::Second),
                $this->chances->outAtSecond() * $this->chances->unspoiled($this->school),
                $this->race->tagAtSecond(),
                $cost,
            ),
        };
    }

    private function thrown(Base $base, ?Position $by, float $chance, float $outAt, ?float $cost): ThrowOption
    {
        $tag = $this->scene->level->motion->tag;
        $runner = match ($base) {
            Base::Home => $this->race->thirdThere($this->third),
            Base::Third => $this->race->backAtThird(),
            default => $this->race->firstThere(),
        };

        $released = $this->race->released();
        $cover = Base::Second === $base ? $this->errands->takenFrom(Base::Second) : 0.0;
        $race = is_finite($outAt)
            ? Race::to($released, $outAt - $tag, $cover, $tag, $runner)
            : Race::to($released, $released, \INF, $tag, $runner);

        return new ThrowOption($base, $by, $race, Odds::sure($chance), $cost);
    }

    private static function drawnIn(Scene $scene): Scene
    {
        $third = $scene->bag(Base::Third);

        return $scene->moved(
            Position::ThirdBase,
            $third->toward(Point::home(), self::DRAWN_IN * $scene->rules->basePath),
        );
    }
}
