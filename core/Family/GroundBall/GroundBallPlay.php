<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Motion\Intercept;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Possession;
use FoxCorner\Core\Play\Cast\CastMember;
use FoxCorner\Core\Play\Choice\Odds;
use FoxCorner\Core\Play\Choice\Race;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Clock\EventKind;
use FoxCorner\Core\Play\Clock\Leg;
use FoxCorner\Core\Play\Clock\Move;
use FoxCorner\Core\Play\Clock\Play;
use FoxCorner\Core\Play\Clock\RunnerTracks;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Clock\TimelineBuilder;
use FoxCorner\Core\Play\Clock\Track;
use FoxCorner\Core\Play\Errand\GroundErrands;
use FoxCorner\Core\Play\Fielded\OnTheGround;
use FoxCorner\Core\Play\Grid\Attempt;
use FoxCorner\Core\Play\Grid\Covering;
use FoxCorner\Core\Play\Scene\PlaySetting;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\Verb;

/** A ground ball on the clock: fielded, thrown or carried, and on to a second out when there is one in it. */
final readonly class GroundBallPlay implements Play
{
    /** Degrees to either side that are the center fielder's: half of where the corner outfielders stand. */
    private const CENTER = 13.5;
    /** s after which a ball that nobody meets has come to rest at the fence (ours). */
    private const RESTS = 8.0;

    /**
     * @param non-empty-list<ThrowOption> $options  lead base first, first base last
     * @param list<Attempt>               $attempts in the same order; none when it goes through
     */
    private function __construct(
        private PlaySetting $setting,
        private Coverage $coverage,
        private GroundBallTrial $trial,
        public GroundFielding $fielding,
        private Possession $fielded,
        private array $options,
        private array $attempts,
    ) {}

    public static function of(Scene $scene, Coverage $coverage, GroundBallTrial $trial, GroundFielding $fielding): self
    {
        $staying = 0 === $fielding->goes ? $fielding->setting->aims->free : null;
        $setting = PlaySetting::onTheGround($scene, $staying);
        if (null === $fielding->met) {
            return self::through($setting, $coverage, $trial, $fielding);
        }
        [$goes, $clean] = [$fielding->goes, $fielding->clean()];
        $attempts = [] === $fielding->attempts ? [] : WantedOut::inOrder($fielding->attempts, $goes);
        $options = array_map(
            static fn(Attempt $one): ThrowOption => WantedOut::option($fielding->setting, $one, $goes, $clean),
            $attempts,
        );

        return new self(
            $setting,
            $coverage,
            $trial,
            $fielding,
            $fielding->met->possession(),
            [] === $options ? throw new \LogicException('First base is always there.') : $options,
            $attempts,
        );
    }

    /** The outfielder on that side has it; the batter is on. */
    private static function through(
        PlaySetting $setting,
        Coverage $coverage,
        GroundBallTrial $trial,
        GroundFielding $fielding,
    ): self {
        $position = match (true) {
            $trial->degrees < -self::CENTER => Position::LeftField,
            $trial->degrees <= self::CENTER => Position::CenterField,
            default => Position::RightField,
        };
        $motion = $setting->level->motion;
        $who = $setting->cast->at($position)->leaving($motion->outfieldReaction);
        $met = Intercept::of($who->start, $who->legs, $who->reaction, $motion->reach, $trial->ball);
        [$at, $seconds] = null === $met ? [$who->start, self::RESTS] : [$met->point, $met->seconds];
        $fielded = Possession::atBag($who, $at, $seconds, $motion->exchangeSet);
        $throw = $setting->throwing->to($fielded, $setting->bag(Base::Second));
        $runner = $setting->threats[Base::First->value];

        return new self(
            $setting,
            $coverage,
            $trial,
            $fielding,
            $fielded,
            [
                new ThrowOption(
                    Base::Second,
                    null,
                    Race::to($throw->released, $throw->arrives, \INF, $motion->tag, $runner),
                    Odds::sure(0.0),
                    $fielding->comes->cost,
                ),
            ],
            [],
        );
    }

    public function firstBy(): Position
    {
        return $this->fielded->by->position;
    }

    public function options(): array
    {
        return $this->options;
    }

    /** What is done with it; null when it goes through. */
    public function made(): ?Attempt
    {
        return $this->attempts[$this->called()] ?? null;
    }

    /** @return list<Attempt> in the order of the options */
    public function attempts(): array
    {
        return $this->attempts;
    }

    private function called(): int
    {
        return (int) array_search($this->setting->scene->choose($this->options), $this->options, true);
    }

    public function timeline(): Timeline
    {
        $called = $this->called();
        $legs = [new Leg($this->fielded, $this->options, $this->options[$called])];
        $made = $this->attempts[$called] ?? null;
        if (null !== $made && 0 !== $made->receiver) {
            $legs[] = $this->onward($made);
        }

        $has = $this->fielded;
        $drawn = TimelineBuilder::of($this->setting, $this->coverage, $this->trial)
            ->moves($this->moves())
            ->runners(RunnerTracks::of($this->setting))
            ->rolls($this->trial->ball->at(...), 0.0, $has->seconds)
            ->moment(EventKind::Contact, 0.0, 'Contact')
            ->moment(EventKind::Fielded, $has->seconds, 'Fielded, ' . $has->by->position->value);
        if ($this->fielding->bobbled > 0.0) {
            $drawn->moment(EventKind::Fielded, $has->seconds + $this->fielding->bobbled, 'Picked up');
        }
        if (null !== $made && $this->setting->isBetterHeld($this->options[$called])) {
            return $drawn->held($legs[0])->timeline();
        }
        foreach ($legs as $index => $leg) {
            OnTheGround::told($drawn->thrown($leg), $leg, $index > 0);
        }

        return $drawn->timeline();
    }

    private function onward(Attempt $made): Leg
    {
        $then = $made->aim->then ?? throw new \LogicException('Whoever takes a second throw takes it somewhere.');
        $setting = $this->fielding->setting;
        $motion = $setting->level->motion;
        $heldAt = max($made->there, $made->coverAt) + ($made->aim->isForce ? 0.0 : $motion->tag);
        $pivot = $this->setting->cast->at(Position::from($made->cover));
        $coverAt = $setting->covering->there[$then->value][$this->fielded->by->position->value][1];
        $by = Position::from($made->receiver);
        $race = Race::to(
            $made->again,
            $made->second,
            $coverAt,
            $made->aim->isThenForce ? null : $motion->tag,
            $setting->arrivals[$then->value],
        );
        $odds = new Odds($made->both, $made->both, $made->first > 0.0 ? $made->both / $made->first : 0.0);
        $option = new ThrowOption($then, $by, $race, $odds);

        return new Leg(
            Possession::atBag($pivot, $this->setting->bag($made->aim->bag), $heldAt, $made->again - $heldAt),
            [$option],
            $option,
        );
    }

    /** @return array<int, Move> by position number */
    private function moves(): array
    {
        return GroundErrands::of($this->setting->scene, $this->coverage, $this->fielded, [
            Verb::Cover->value => fn(CastMember $who, Job $job): Track => $this->covering($who, $job),
        ])->moves();
    }

    /** At second he is there a moment before he can do anything with a ball: he comes under control first. */
    private function covering(CastMember $who, Job $job): Track
    {
        $base = $job->base ?? throw new \LogicException('A bag is covered.');
        $bag = $this->setting->bag($base);
        $standing = Track::standingAt($who->start);
        if (Base::Second !== $base) {
            return $standing->thenRuns($bag, $who->reaction, $who->legs);
        }
        $runs = max($this->setting->level->motion->infieldReaction, $who->reaction);
        $track = $standing->thenRuns($bag, $runs, $who->legs);

        return $track->thenAt($bag, $track->end()->seconds + Covering::UNDER_CONTROL);
    }
}
