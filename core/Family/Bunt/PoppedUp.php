<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Bunt;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Possession;
use FoxCorner\Core\Play\Cast\BaseRunner;
use FoxCorner\Core\Play\Cast\CastMember;
use FoxCorner\Core\Play\Choice\AfterPlay;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Errand\GroundErrands;
use FoxCorner\Core\Play\Fielded\ThrowChoice;
use FoxCorner\Core\Play\Scene\PlaySetting;
use FoxCorner\Core\Play\Scheme\Coverage;

/**
 * A bunt in the air: whoever charges may have it before it comes down. Runners wait for that; one who was gone with the
 * pitch has to come back. Where it drops, those who must go leave only then.
 */
final readonly class PoppedUp
{
    /** Where they come down, each as often: degrees from straight away, ft from home (ours). */
    private const DROPS = [
        'in front of the plate' => [0.0, 8.0],
        'toward third' => [-25.0, 18.0],
        'toward first' => [25.0, 18.0],
        'toward the mound' => [0.0, 24.0],
    ];
    /** s that it is in the air, from 3 ft up to 9 and down to a glove at 1 (ours): .61 + .70. */
    public const HANGS = 1.3;
    /** s from then until a ball that dropped is in hand, at the soonest (ours). */
    private const PICKED_UP = 0.35;
    /** s; how sharp caught and dropped are told apart, a dive included (ours). */
    private const SHARP = 0.15;

    public Position $by;

    /**
     * @param string     $where   it comes down, in words
     * @param CastMember $who     is nearest in time, as he is at contact
     * @param float      $needs   s from contact until he reaches it
     * @param float      $caught  chance that he has it before it comes down
     * @param Base|null  $doubled whose runner was gone with the pitch; null: nobody was
     * @param float      $off     chance that, caught, he is not back before the throw
     */
    private function __construct(
        private PlaySetting $setting,
        private Coverage $coverage,
        private Point $at,
        public string $where,
        private CastMember $who,
        private float $needs,
        public float $caught,
        public ?Base $doubled,
        public float $off,
    ) {
        $this->by = $who->position;
    }

    /**
     * @param PlaySetting $setting by {@see BuntKind::setting()}
     *
     * @return list<self> by where they come down; none when nobody is sent to the ball
     */
    public static function all(PlaySetting $setting, Coverage $coverage): array
    {
        $all = [];
        foreach (self::DROPS as $where => [$degrees, $feet]) {
            $all[] = self::at(Point::polar($feet, $degrees), $where, $setting, $coverage);
        }

        return array_values(array_filter($all));
    }

    private static function at(Point $at, string $where, PlaySetting $setting, Coverage $coverage): ?self
    {
        [$by, $least] = [null, \INF];
        foreach ($coverage->fielders as $position) {
            $who = GroundErrands::leaving($setting->cast->at($position), $coverage, $setting->scene);
            $needs = self::needs($who, $at, $setting->level->motion->reach);
            [$by, $least] = $needs < $least ? [$who, $needs] : [$by, $least];
        }
        if (null === $by) {
            return null;
        }
        $gone = self::gone($setting->runners);
        $ball = Possession::atBag($by, $at, self::HANGS, $setting->level->motion->exchangeSet);
        $off = null === $gone ? 0.0 : self::notBack($gone, $ball, $setting, $coverage);

        return new self(
            $setting,
            $coverage,
            $at,
            $where,
            $by,
            $least,
            OutChance::ofMargin(self::HANGS - $least, self::SHARP),
            $gone?->base,
            $off,
        );
    }

    /**
     * What it costs on average.
     *
     * @param non-empty-list<OutPolicy> $policies
     *
     * @return array<string, float> by the policy's value
     */
    public function costs(array $policies): array
    {
        $after = new AfterPlay($this->setting->scene->worth(), $this->setting->situation, 1);
        $doubled = null === $this->doubled ? [] : [$this->doubled->value => null];
        $caught = (1 - $this->off) * $after->now() + $this->off * $after->of($doubled);
        $options = $this->dropped();
        $costs = [];
        foreach ($policies as $policy) {
            $fallen = $policy->choose($options, $this->setting->scene->lines)->cost ?? 0.0;
            $costs[$policy->value] = $this->caught * $caught + (1 - $this->caught) * $fallen;
        }

        return $costs;
    }

    /** s from contact at which the lead runner, who must go then, is at the next base; null: nobody must. */
    public function forcedAt(): ?float
    {
        foreach (array_reverse($this->waiting()->runners) as $runner) {
            if (!$runner->stays()) {
                return $runner->secondsOver(1);
            }
        }

        return null;
    }

    private function waiting(): PlaySetting
    {
        return $this->setting->inTheAir(self::HANGS);
    }

    /** @return non-empty-list<ThrowOption> where it has come down */
    private function dropped(): array
    {
        $motion = $this->setting->level->motion;
        $waiting = $this->waiting();
        $there = max(self::HANGS + self::PICKED_UP, $this->needs);
        $ball = Possession::ofBall($this->who, $this->at, $there, 0.0, $motion);

        return (new ThrowChoice($waiting, $ball, GroundErrands::of($waiting->scene, $this->coverage, $ball)))->all();
    }

    /** s from contact until somebody reaches a place. */
    private static function needs(CastMember $who, Point $at, float $reach): float
    {
        return $who->reaction + $who->legs->secondsFor(max(0.0, $who->start->distanceTo($at) - $reach));
    }

    /** The chance that a runner who was gone is off his base when the throw is there. */
    private static function notBack(
        BaseRunner $runner,
        Possession $ball,
        PlaySetting $setting,
        Coverage $coverage,
    ): float {
        $there = GroundErrands::of($setting->scene, $coverage, $ball)->takenFrom($runner->base);
        if (\INF === $there) {
            return 0.0;
        }
        $throw = $setting->throwing->to($ball, $setting->bag($runner->base));
        $gone = $runner->lead + $runner->legs->distanceAfter(self::HANGS - $runner->startDelay);
        $back = self::HANGS + BaseRunner::STOPS + $runner->legs->secondsFor($gone);
        $spread = OutChance::spread($setting->level->motion->forceSpread, $setting->level->scatter);

        return $setting->throwing->clean($throw, $runner->base) *
            OutChance::ofMargin($back - max($throw->arrives, $there), $spread);
    }

    /** @param list<BaseRunner> $runners */
    private static function gone(array $runners): ?BaseRunner
    {
        foreach ($runners as $runner) {
            if ($runner->startDelay < 0.0) {
                return $runner;
            }
        }

        return null;
    }
}
