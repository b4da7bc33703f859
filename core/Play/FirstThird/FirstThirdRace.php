<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\FirstThird;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;
use FoxCorner\Core\Play\Running\Battery;
use FoxCorner\Core\Play\Running\Leads;
use FoxCorner\Core\Play\Running\StealKind;
use FoxCorner\Core\Play\Running\StealRace;
use FoxCorner\Core\Play\Running\TagThrow;
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
    /** Of runners who go with the throw, those whom a feint takes; of them, those who are out (ours). */
    private const FOOLED = 0.3;
    private const CAUGHT = 0.85;
    /** s after his first step until which he still gets back when he sees it cut, and how sharp that is (ours). */
    private const COMMITTED = 0.5;
    private const SHARP = 0.15;
    /** s by which a shown bunt keeps the catcher, and the middle infielders (ours). */
    private const BUNT = 0.05;
    private const BUNT_MIDDLE = 0.3;
    /** ft in front of second at which a throw through is cut; of the way there, where a short one is (ours). */
    private const IN_FRONT = 15.0;
    private const HALF_WAY = 0.62;
    /** Of throws that are not caught at second, those that get by both men there (ours). */
    private const LOST = 0.3;
    /** s by which whoever takes it at the bag throws later: a runner slides at him (ours). */
    private const SLIDE = 0.2;
    /** Of throws that are let go past a cut man, those that he spoils (ours). */
    private const SPOILED = 0.03;

    private Throws $throws;
    private float $home2;

    public function __construct(
        private Battery $battery,
        private Thief $first,
        private float $firstLead,
        private Thief $third,
        private float $thirdLead,
        private Speed $middle,
        private RuleSet $rules,
        private LevelProfile $level,
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

    /** The out at second, once the ball is on its way there. */
    public function outAtSecond(): float
    {
        $margin = $this->firstThere() - $this->tagAtSecond();

        return TagThrow::over($this->toSecond(), Giving::reach(Base::Second), $this->level->skills)->out(
            $margin,
            $this->first->spread,
        );
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

    /** The chance that he is back at third when the throw is cut. */
    public function getsBack(School $school, ThirdRunner $third): float
    {
        return School::Through === $school
            ? 0.0
            : 1 -
                    OutChance::ofMargin(
                        $this->cutAt($school) - $this->thirdStarts($third) - self::COMMITTED,
                        self::SHARP,
                    );
    }

    /** ft off third as the ball is thrown. */
    public function off(): float
    {
        return GoesWhen::Early === $this->when ? $this->thirdLead : Leads::secondary($this->thirdLead, $this->rules);
    }

    /**
     * The out at the plate when the runner of third goes with the throw.
     *
     * @param bool $tagsFirst whoever has the ball at second tags the runner there before he throws home
     */
    public function outAtHome(School $school, ThirdRunner $third, bool $tagsFirst = false): float
    {
        $stop = $this->stop($school);
        if (null === $stop) {
            return 0.0;
        }
        [$feet, $back] = $stop;
        $arm = School::ToPitcher === $school ? $this->battery->pitcher : $this->middle;
        $caught =
            $this->released() +
            $this->throws->given($feet, $this->arm()) +
            ($tagsFirst ? $this->level->motion->tag : 0.0);
        $there = $caught + $this->exchange($school) + $this->throws->given($back, $arm) + $this->level->motion->tag;

        return Giving::caught(
            $feet,
            Giving::reach(Base::Second),
            $this->level->skills->throw,
            $this->level->skills->bag,
        ) *
            TagThrow::over($back, Giving::reach(Base::Home), $this->level->skills)->out(
                $this->thirdThere($third) - $there,
                $this->third->spread,
            );
    }

    /** s at which a throw home could be held there, tag made. */
    public function tagAtHome(School $school): float
    {
        [$feet, $back] = $this->stop($school) ?? [0.0, 0.0];

        return $this->cutAt($school) +
            $this->exchange($school) +
            $this->throws->given($back, School::ToPitcher === $school ? $this->battery->pitcher : $this->middle) +
            $this->level->motion->tag;
    }

    /** s at which the throw is stopped, or at second. */
    public function cutAt(School $school): float
    {
        [$feet] = $this->stop($school) ?? [0.0, 0.0];

        return $this->released() + $this->throws->given($feet, $this->arm());
    }

    /** The out at third after a feint: one who is taken in is caught, another has to be back. */
    public function outAtThird(ThirdRunner $third): float
    {
        if (ThirdRunner::Goes === $third) {
            return self::FOOLED * self::CAUGHT;
        }

        return TagThrow::over($this->rules->basePath, Giving::reach(Base::Third), $this->level->skills)->out(
            $this->backAtThird() - $this->tagAtThird(),
            $this->third->spread,
        );
    }

    /** s at which the tag is made at third after a feint. */
    public function tagAtThird(): float
    {
        return $this->released() +
            self::FEINT +
            $this->throws->given($this->rules->basePath, $this->arm()) +
            $this->level->motion->tag;
    }

    /** s at which the runner of third is back there, who saw that throw leave. */
    public function backAtThird(): float
    {
        return $this->released() + self::FEINT + $this->third->secondsBack($this->thirdLead, $this->level->motion);
    }

    /** The chance that a throw lets everybody go on. */
    public function astray(School $school): float
    {
        $feet = match ($school) {
            School::Concede => 0.0,
            School::FeintThird => $this->rules->basePath,
            School::ReadCut => $this->toSecond(),
            default => $this->stop($school)[0] ?? 0.0,
        };

        return self::LOST *
            (1 -
                Giving::caught(
                    $feet,
                    Giving::reach(Base::Second),
                    $this->level->skills->throw,
                    $this->level->skills->bag,
                ));
    }

    /** Of throws that are meant for second, those that get there past a cut man. */
    public function unspoiled(School $school): float
    {
        return School::ReadCut === $school ? 1 - self::SPOILED : 1.0;
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
            School::ReadCut => [$this->home2 - self::IN_FRONT - $from, $this->home2 - self::IN_FRONT],
            School::ShortCut => $early
                ? [$this->home2 - self::IN_FRONT - $from, $this->home2 - self::IN_FRONT]
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
        return $this->exchange($school);
    }

    private function toSecond(): float
    {
        return $this->home2 - (GoesWhen::Early === $this->when ? $this->rules->pitchingDistance : 0.0);
    }

    private function arm(): Speed
    {
        return GoesWhen::Early === $this->when ? $this->battery->pitcher : $this->battery->catcher;
    }

    private function exchange(School $school): float
    {
        return $this->level->motion->exchangeSet + (School::Through === $school ? self::SLIDE : 0.0);
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
