<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\FirstThird;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;
use FoxCorner\Core\Play\Cast\BaseRunner;
use FoxCorner\Core\Play\Errand\Places;
use FoxCorner\Core\Play\Running\Battery;
use FoxCorner\Core\Play\Running\Leads;
use FoxCorner\Core\Play\Running\StealKind;
use FoxCorner\Core\Play\Running\StealRace;
use FoxCorner\Core\Play\Running\Thief;

/**
 * Runners on first and third, and the one on first goes: the throws on the clock.
 *
 * Seconds from the pitcher's first move, or from the release where nobody may leave before it.
 */
final readonly class FirstThirdRace
{
    /** s from the release of the throw until the runner on third is off (ours). */
    private const READS = 0.2;
    /** s until a pitcher has seen an early runner and stepped off with the ball up (ours). */
    private const STEPS_OFF = 0.8;
    /** s that a feint costs before the throw (ours). */
    public const FEINT = 0.3;
    /** s by which a shown bunt keeps the catcher, and the middle infielders (ours). */
    private const BUNT = 0.05;
    private const BUNT_MIDDLE = 0.3;
    private const HALF_WAY = 0.62;
    /** s by which whoever takes it at the bag throws later: a runner slides at him (ours). */
    private const SLIDE = 0.2;

    private Throws $throws;
    private float $home2;

    public function __construct(
        private Battery $battery,
        public Thief $first,
        private float $firstLead,
        public Thief $third,
        private float $thirdLead,
        private Speed $middle,
        public RuleSet $rules,
        public LevelProfile $level,
        private GoesWhen $when,
        private float $cover = 0.0,
    ) {
        $this->throws = Throws::of(Ball::for($rules->sport));
        $this->home2 = \M_SQRT2 * $rules->basePath;
    }

    /** s at which the ball leaves the first hand. */
    public function released(): float
    {
        return match ($this->when) {
            GoesWhen::Early => self::STEPS_OFF,
            GoesWhen::FakeBunt => $this->battery->toPlate + $this->battery->exchange + self::BUNT,
            GoesWhen::Delayed => $this->steal()->leaves(),
            GoesWhen::WithPitch => $this->battery->toPlate + $this->battery->exchange,
        };
    }

    /** s at which a throw to second is there. */
    public function atSecond(): float
    {
        return $this->released() + $this->throws->given($this->toSecond(), $this->arm());
    }

    /** s at which the runner of first is at second. */
    public function firstThere(): float
    {
        return GoesWhen::Early === $this->when
            ? $this->level->motion->stealStart + $this->first->secondsFrom($this->firstLead)
            : $this->steal()->runner($this->first, $this->firstLead);
    }

    public function tagAtSecond(): float
    {
        $late = GoesWhen::FakeBunt === $this->when ? self::BUNT_MIDDLE : 0.0;

        return max($this->atSecond(), $this->cover + $late) + $this->level->motion->tag;
    }

    /** s at which the runner of third takes his first step. */
    public function thirdStarts(ThirdRunner $third): float
    {
        $passed =
            ThirdRunner::Reads === $third && GoesWhen::Early !== $this->when
                ? $this->throws->given($this->rules->pitchingDistance, $this->arm())
                : 0.0;

        return $this->released() + self::READS + $passed;
    }

    /** s at which he is at the plate. */
    public function thirdThere(ThirdRunner $third): float
    {
        return $this->thirdStarts($third) + $this->third->secondsFrom($this->off());
    }

    /** ft off third as the ball is thrown. */
    public function off(): float
    {
        return GoesWhen::Early === $this->when ? $this->thirdLead : Leads::secondary($this->thirdLead, $this->rules);
    }

    /**
     * s at which a throw home could be held there, tag made.
     *
     * @param bool $tagsFirst whoever has the ball at second tags the runner there before he throws home
     */
    public function tagAtHome(School $school, bool $tagsFirst = false): float
    {
        $back = $this->stop($school)[1] ?? 0.0;

        return $this->cutAt($school) +
            ($tagsFirst ? $this->level->motion->tag : 0.0) +
            $this->exchanging($school) +
            $this->throws->given($back, School::ToPitcher === $school ? $this->battery->pitcher : $this->middle) +
            $this->level->motion->tag;
    }

    /** s at which the throw is stopped, or at second. */
    public function cutAt(School $school): float
    {
        [$feet] = $this->stop($school) ?? [0.0, 0.0];

        return $this->released() + $this->throws->given($feet, $this->arm());
    }

    /** s at which the tag is made at third after a feint. */
    public function tagAtThird(): float
    {
        return $this->released() +
            self::FEINT +
            $this->throws->given($this->rules->basePath, $this->arm()) +
            $this->level->motion->tag;
    }

    /**
     * s at which the runner of third is back there, who saw that throw leave.
     *
     * @param bool $isFooled he has gone with the feint, and has to stop first
     */
    public function backAtThird(bool $isFooled = false): float
    {
        return $this->released() +
            self::FEINT +
            ($isFooled ? BaseRunner::STOPS : 0.0) +
            $this->third->secondsBack($this->offThird($isFooled), $this->level->motion);
    }

    /** ft off third as the throw there leaves: back at his lead by then; who is taken in has run until he sees it. */
    public function offThird(bool $isFooled): float
    {
        return $isFooled
            ? $this->off() + $this->third->legs->distanceAfter(self::FEINT + BaseRunner::TURNS)
            : $this->thirdLead;
    }

    /**
     * Where a throw ends, and from there home, in ft; null when it does not go that way.
     *
     * @return array{float, float}|null
     */
    public function stop(School $school): ?array
    {
        $early = GoesWhen::Early === $this->when;
        $from = $early ? $this->rules->pitchingDistance : 0.0;

        return match ($school) {
            School::Through => [$this->home2 - $from, $this->home2],
            School::ReadCut => [$this->home2 - Places::IN_FRONT - $from, $this->home2 - Places::IN_FRONT],
            School::ShortCut => $early
                ? [$this->home2 - Places::IN_FRONT - $from, $this->home2 - Places::IN_FRONT]
                : [self::HALF_WAY * $this->home2, self::HALF_WAY * $this->home2],
            School::ToPitcher => $early
                ? [0.0, $from]
                : [$this->rules->pitchingDistance, $this->rules->pitchingDistance],
            School::FeintThird, School::Concede => null,
        };
    }

    /** s at which the catcher has the pitch. */
    public function toPlate(): float
    {
        return $this->battery->toPlate;
    }

    /** s at which the runner of first takes his first step. */
    public function firstStarts(): float
    {
        return GoesWhen::Early === $this->when ? $this->level->motion->stealStart : $this->steal()->starts;
    }

    /** ft off first at his first step. */
    public function firstOff(): float
    {
        return $this->steal()->off($this->firstLead);
    }

    /** s from the catch of whoever stops the throw until it leaves his hand again. */
    public function exchanging(School $school): float
    {
        return $this->level->motion->exchangeSet + (School::Through === $school ? self::SLIDE : 0.0);
    }

    /** ft of a throw to second. */
    public function toSecond(): float
    {
        return $this->home2 - (GoesWhen::Early === $this->when ? $this->rules->pitchingDistance : 0.0);
    }

    private function arm(): Speed
    {
        return GoesWhen::Early === $this->when ? $this->battery->pitcher : $this->battery->catcher;
    }

    private function steal(): StealRace
    {
        return StealRace::to(
            Base::Second,
            $this->battery,
            $this->rules,
            $this->level,
            GoesWhen::Delayed === $this->when ? StealKind::Delayed : StealKind::Straight,
        );
    }
}
