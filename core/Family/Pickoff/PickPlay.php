<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Pickoff;

use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Possession;
use FoxCorner\Core\Play\Choice\AfterPlay;
use FoxCorner\Core\Play\Choice\Odds;
use FoxCorner\Core\Play\Choice\Race;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Choice\Verdict;
use FoxCorner\Core\Play\Clock\CaughtBetween;
use FoxCorner\Core\Play\Clock\EventKind;
use FoxCorner\Core\Play\Clock\Leg;
use FoxCorner\Core\Play\Clock\Play;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Clock\TimelineBuilder;
use FoxCorner\Core\Play\Errand\Errands;
use FoxCorner\Core\Play\Running\BatterSide;
use FoxCorner\Core\Play\Running\Battery;
use FoxCorner\Core\Play\Running\BetweenPitches;
use FoxCorner\Core\Play\Running\Going;
use FoxCorner\Core\Play\Running\Leads;
use FoxCorner\Core\Play\Running\PickRace;
use FoxCorner\Core\Play\Running\Toll;
use FoxCorner\Core\Play\Scene\PlaySetting;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\Verb;

/** A throw behind a runner on the clock: seconds from the thrower's first move; of a catcher's, from his catch. */
final readonly class PickPlay implements Play
{
    public PickRace $race;
    public Going $going;
    /** ft off the base as the throw begins */
    public float $off;
    /** ft that whoever takes it plays nearer the bag than the plan has him */
    public float $nearer;
    /** Whether somebody is behind the throw in time. */
    public bool $isBackedUp;
    private Scene $scene;
    /** What an ordinary throw that gets by costs, times how often it does; null when nothing was asked. */
    public ?float $errorCost;
    private ?float $outSaves;
    private Errands $errands;
    private ThrowOption $option;

    public function __construct(Scene $scene, private Coverage $coverage, public PickTrial $trial)
    {
        $reach = WithinReach::of($scene, $this->jobs($scene), $trial, Battery::onField($scene));
        [$scene, $this->nearer] = [$reach->scene, $reach->nearer];
        $this->scene = $scene;
        $this->going = $this->runner();
        $battery = Battery::onField($scene);
        $jobs = $this->jobs($scene);
        $this->errands = Errands::sent(
            $scene,
            PickRace::from($trial->kind, $scene->rules),
            $scene->cast->at($this->firstBy()),
            $jobs,
            BetweenPitches::SEEN,
            $this->breaking($jobs),
        );
        $taker = $this->errands->taker($trial->base);
        $who = null === $taker ? null : $scene->cast->at($taker);
        $this->race = PickRace::of(
            $trial->kind,
            $trial->base,
            $battery,
            null === $who ? null : WithinReach::fromBag($scene, $who, $trial),
            ($who ?? $scene->cast->at(Position::Pitcher))->legs,
            $scene->rules,
            $scene->level,
            $trial->isSurprise(),
        );
        $this->off = Leads::atThrow($trial->kind, $this->going->lead, $scene->rules);
        $this->isBackedUp = $this->errands->isBackedUp($trial->base, $this->race->ball);
        $after = $scene->after;
        $this->errorCost =
            null === $after
                ? null
                : (new Toll($after))->ofError(
                    $trial->base,
                    Giving::PAST * $this->race->astray(),
                    $trial->kind->isFromTheRubber(),
                    $this->isBackedUp,
                );
        $this->outSaves = null === $after ? null : $after->now() - $after->of([$trial->base->value => null]);
        $this->option = $this->option($taker, $after);
    }

    public function firstBy(): Position
    {
        return $this->trial->kind->isCatchers() ? Position::Catcher : Position::Pitcher;
    }

    public function options(): array
    {
        return [$this->option];
    }

    /** What the out is worth; null when nothing was asked of cost. */
    public function outSaves(): ?float
    {
        return $this->outSaves;
    }

    /** ft from the bag of whoever takes it, before he breaks; null when nobody does */
    public function takerFrom(): ?float
    {
        $taker = $this->errands->taker($this->trial->base);

        return null === $taker
            ? null
            : WithinReach::fromBag($this->scene, $this->scene->cast->at($taker), $this->trial);
    }

    public function timeline(): Timeline
    {
        $by = $this->scene->cast->at($this->firstBy());
        $from = PickRace::from($this->trial->kind, $this->scene->rules);
        $race = $this->race;
        $runners = [];
        foreach (Going::all($this->scene) as $going) {
            $runners[$going->name()] =
                $going->from === $this->trial->base
                    ? $this->going->back(
                        $this->scene,
                        $race->tells + $this->scene->level->motion->plannedReaction,
                        $race->runner($going->thief, $this->off),
                        $this->off,
                    )
                    : $going->standing($this->scene);
        }

        $isCatchers = $this->trial->kind->isCatchers();
        $hangs = max($this->off, $this->scene->rules->basePath / 4);

        return TimelineBuilder::of(PlaySetting::betweenPitches($this->scene), $this->coverage, $this->trial)
            ->moves($this->errands->moves())
            ->runners($runners)
            ->leg(new Leg(Possession::atBag($by, $from, 0.0, $race->released), [$this->option], $this->option))
            ->ball(
                BetweenPitches::ball($this->scene, $isCatchers ? 0.0 : null, [
                    [$from, $race->released],
                    [$this->scene->bag($this->trial->base), $race->ball],
                ]),
            )
            ->moment(EventKind::Contact, 0.0, $isCatchers ? 'At the plate' : 'First move')
            ->moment(EventKind::Released, $this->option->released, 'Thrown')
            ->moment(EventKind::Arrives, $this->option->outAt, 'Tag at ' . $this->option->base->word())
            ->moment(EventKind::RunnerThere, $this->option->runnerThere, $this->going->name() . ' back')
            ->title($this->title())
            ->goingOn(new CaughtBetween($this->trial->base, $hangs, true, $hangs))
            ->timeline();
    }

    private function title(): string
    {
        $who = $this->going->name();
        if (null === $this->option->cover) {
            return "Nobody takes the throw behind $who";
        }

        return Verdict::on($this->option)->words("$who is picked off", "$who is back");
    }

    private function runner(): Going
    {
        $base = $this->trial->base;
        $lead = $this->trial->lead ?? Leads::held($base, $this->scene->rules);
        foreach (Going::all($this->scene, [$base->value => $lead]) as $going) {
            if ($going->from === $base) {
                return $going;
            }
        }
        throw new \LogicException("Nobody is on {$base->word()}.");
    }

    /** @return array<int, non-empty-list<Job>> */
    private function jobs(Scene $scene): array
    {
        $side = BatterSide::of($scene->state->context->batter);
        $jobs = $this->coverage->jobs(HoldCoverages::branch($this->trial->kind, $this->trial->base, $side));
        $jobs[$this->firstBy()->value] = [
            Verb::Pick
                ->job("On the sign, throw to {$this->trial->base->word()}")
                ->practising($this->trial->kind->skill()),
        ];

        return $jobs;
    }

    /**
     * @param array<int, non-empty-list<Job>> $jobs
     *
     * @return array<int, float> s at which those go who are told before
     */
    private function breaking(array $jobs): array
    {
        $own = [];
        foreach ($jobs as $number => $list) {
            foreach ($list as $job) {
                if (Verb::Hold === $job->verb && $job->base === $this->trial->base) {
                    $own[$number] = $this->trial->kind->breaks() ?? 0.0;
                }
            }
        }

        return $own;
    }

    private function option(?Position $taker, ?AfterPlay $after): ThrowOption
    {
        $race = $this->race;
        $chance = $race->chance($this->going->thief, $this->off);
        $base = $this->trial->base;
        $cost =
            null === $after
                ? null
                : $chance * $after->of([$base->value => null]) +
                    (1 - $chance) * $after->now() +
                    ($this->errorCost ?? 0.0);

        return new ThrowOption(
            $base,
            $taker,
            Race::to(
                $race->released,
                $race->ball,
                $race->cover,
                $this->scene->level->motion->tag,
                $race->runner($this->going->thief, $this->off),
            ),
            new Odds($chance, null === $taker ? $chance : $race->onTime($this->going->thief, $this->off), $chance),
            $cost,
        );
    }
}
