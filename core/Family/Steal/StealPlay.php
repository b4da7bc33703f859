<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Steal;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Possession;
use FoxCorner\Core\Play\Choice\Odds;
use FoxCorner\Core\Play\Choice\Race;
use FoxCorner\Core\Play\Choice\ThrowOption;
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
use FoxCorner\Core\Play\Running\Helps;
use FoxCorner\Core\Play\Running\StealKind;
use FoxCorner\Core\Play\Running\StealRace;
use FoxCorner\Core\Play\Scene\PlaySetting;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\Verb;

/** Runners go with the pitch or after it, on the clock: seconds from the pitcher's first move, or the release. */
final readonly class StealPlay implements Play
{
    /** @var non-empty-list<Going> lead runner first */
    private array $going;
    private Battery $battery;
    private Errands $errands;
    /** @var non-empty-list<ThrowOption> lead base first */
    private array $options;

    public function __construct(private Scene $scene, private Coverage $coverage, private StealTrial $trial)
    {
        $front = array_reverse($scene->situation->bases->occupied())[0] ?? throw new \LogicException('Nobody is on.');
        $going = Going::all($scene, null === $trial->lead ? [] : [$front->value => $trial->lead]);
        $this->going = [] === $going ? throw new \LogicException('Nobody is on.') : $going;
        $this->battery = Battery::onField($scene);
        $jobs = $coverage->jobs(BatterSide::of($scene->state->context->batter)->branch());
        $jobs[$this->thrower()->value] = [self::throwing($this->going[0]->to())];
        $seen = $this->battery->toPlate + (StealKind::Delayed === $trial->kind ? BetweenPitches::SEEN : 0.0);
        $this->errands = Errands::sent(
            $scene,
            Point::home(),
            $scene->cast->at($this->thrower()),
            $jobs,
            $seen,
            $this->sooner($jobs),
        );
        $this->options = array_map($this->option(...), $this->going);
    }

    public function firstBy(): Position
    {
        return $this->thrower();
    }

    public function options(): array
    {
        return $this->options;
    }

    /** @return list<Helps> what would help against the runner in front, the most first */
    public function helps(): array
    {
        $front = $this->going[0];

        return Helps::all($this->race($front), $this->battery, $front->thief, $front->lead, $this->scene->rules);
    }

    public function timeline(): Timeline
    {
        $made = $this->scene->choose($this->options);
        $isHome = Base::Home === $this->going[0]->to();
        $thrower = $this->scene->cast->at($this->thrower());
        $rubber = $this->scene->rules->diamond()->pitchersPlate();
        $at = $isHome ? $rubber : Point::home();
        $caught = $isHome ? 0.0 : $this->battery->toPlate;
        $runners = $threats = [];
        foreach ($this->going as $going) {
            $race = $this->race($going);
            $runners[$going->name()] = $going->running($this->scene, $race->starts, $race->off($going->lead));
            $threats[$going->to()->value] = $race->runner($going->thief, $going->lead);
        }

        $has = Possession::atBag($thrower, $at, $caught, $made->released - $caught);
        $drawn = TimelineBuilder::of(PlaySetting::betweenPitches($this->scene, $threats), $this->coverage, $this->trial)
            ->moves($this->errands->moves())
            ->runners($runners)
            ->leg(new Leg($has, $this->options, $made))
            ->ball(
                BetweenPitches::ball($this->scene, $this->battery->toPlate, [
                    [$at, $made->released],
                    [$this->scene->bag($made->base), $made->ballThere],
                ]),
            )
            ->moment(EventKind::Contact, 0.0, BetweenPitches::begins($this->scene))
            ->title(BetweenPitches::title($made, $this->runnerOf($made)));
        BetweenPitches::told($drawn, $made, $isHome ? null : $this->battery->toPlate, $this->runnerOf($made));

        return $drawn->timeline();
    }

    /**
     * The third baseman has the runner in front of him, and goes when he goes; so does who leaves with the pitch.
     *
     * @param array<int, non-empty-list<Job>> $jobs
     *
     * @return array<int, float> s at which he goes, by position number
     */
    private function sooner(array $jobs): array
    {
        $motion = $this->scene->level->motion;
        $starts = StealRace::to(
            Base::Third,
            $this->battery,
            $this->scene->rules,
            $this->scene->level,
            $this->trial->kind,
        )->starts;
        $own = array_fill_keys(Position::numbers($this->coverage->early), $motion->plannedReaction);
        foreach ($jobs as $number => $list) {
            if (Verb::TakeThrow === $list[0]->verb && Base::Third === $list[0]->base) {
                $own[$number] ??= $starts + $motion->plannedReaction;
            }
        }

        return $own;
    }

    private function runnerOf(ThrowOption $made): string
    {
        return 'R' . ($made->base->value - 1);
    }

    private function thrower(): Position
    {
        return Base::Home === $this->going[0]->to() ? Position::Pitcher : Position::Catcher;
    }

    private static function throwing(Base $base): Job
    {
        return Base::Home === $base ? Verb::Pitch->job() : Verb::ThrowDown->job("Up and through to {$base->word()}");
    }

    private function race(Going $going): StealRace
    {
        return StealRace::to(
            $going->to(),
            $this->battery,
            $this->scene->rules,
            $this->scene->level,
            $this->trial->kind,
            Base::Home === $going->to() ? 0.0 : $this->errands->takenFrom($going->to()),
        );
    }

    private function option(Going $going): ThrowOption
    {
        $race = $this->race($going);
        $taker = Base::Home === $going->to() ? Position::Catcher : $this->errands->taker($going->to());
        $waiting = is_finite($race->cover) ? $race->coveredSooner($race->cover) : $race;
        $out = static fn(StealRace $race): float => null === $taker
            ? 0.0
            : 1 - $race->success($going->thief, $going->lead);
        $chance = $out($race);

        return new ThrowOption(
            $going->to(),
            $taker,
            Race::to(
                Base::Home === $going->to() ? 0.0 : $race->leaves(),
                $race->ball,
                $race->cover,
                $this->scene->level->motion->tag,
                $race->runner($going->thief, $going->lead),
            ),
            new Odds(
                $chance,
                null === $taker ? $chance : $out($waiting),
                null === $taker ? 0.0 : $race->outOnceCaught($going->thief, $going->lead),
            ),
            $this->cost($going, $race, $chance),
        );
    }

    /** Everybody who goes is there, but for whoever the throw is for. */
    private function cost(Going $thrownAt, StealRace $race, float $chance): ?float
    {
        $after = $this->scene->after;
        if (null === $after) {
            return null;
        }
        $astray = min(1 - $chance, Giving::PAST * $race->astray());
        $more = $this->errands->isBackedUp($thrownAt->to(), $race->ball) ? 1 : 2;

        return $chance * $after->of($this->ends(0, $thrownAt)) +
            $astray * $after->of($this->ends($more)) +
            (1 - $chance - $astray) * $after->of($this->ends(0));
    }

    /**
     * @param int $more bases that a throw that gets by gives
     *
     * @return array<int, int|null> where everybody is then, by the base that he comes from; null: out
     */
    private function ends(int $more, ?Going $out = null): array
    {
        $ends = [];
        foreach ($this->going as $going) {
            $ends[$going->from->value] = $going === $out ? null : min(Base::Home->value, $going->to()->value + $more);
        }

        return $ends;
    }
}
