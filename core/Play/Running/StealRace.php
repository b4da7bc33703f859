<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Running;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\LeadRule;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\Motion\Throws;

/**
 * A battery against a runner who goes for a base, on the clock.
 *
 * Seconds from the pitcher's first move, or from the release where nobody may leave before it.
 */
final readonly class StealRace
{
    /** Of pitches that get away, those on which the runner is safe (ours). */
    private const AWAY = 0.94;
    /** Of the exchange, what is left when the catcher has the ball in hand as the runner is seen to go (ours). */
    private const IN_HAND = 0.6;
    /** ft off the bag as the pitch is caught of who must wait for it and means to go late: more is seen (ours). */
    private const UNSEEN = 3.0;
    /** s that the catcher's throw back to the mound takes: a runner on third who goes late goes with it (ours). */
    private const LOB = 1.0;
    public const TOLERANCE = 0.01;

    /**
     * @param float $thrown ft that the catcher throws; 0 at the plate
     * @param float $ball   s at which the ball is at the base
     * @param float $starts s at which the runner takes his first step
     * @param float $cover  s at which whoever takes the throw is there
     */
    private function __construct(
        public Base $base,
        public StealKind $kind,
        private Battery $battery,
        private RuleSet $rules,
        private LevelProfile $level,
        private TagThrow $throw,
        public float $thrown,
        public float $ball,
        public float $starts,
        public float $cover,
    ) {}

    /** @param float $cover s at which somebody is at the bag to take the throw; before the ball by default */
    public static function to(
        Base $base,
        Battery $battery,
        RuleSet $rules,
        LevelProfile $level,
        StealKind $kind = StealKind::Straight,
        float $cover = 0.0,
    ): self {
        $feet = $rules
            ->diamond()
            ->at(Base::Home)
            ->distanceTo($rules->diamond()->at($base));
        $isHome = Base::Home === $base;
        $isDelayed = StealKind::Delayed === $kind;
        $throws = Throws::of(Ball::for($rules->sport));

        return new self(
            $base,
            $kind,
            $battery,
            $rules,
            $level,
            $isHome
                ? TagThrow::over(0.0, 1.0, $level->skills)
                : TagThrow::over($feet, Giving::reach($base), $level->skills),
            $isHome ? 0.0 : $feet,
            $battery->toPlate +
                match (true) {
                    !$isHome => self::lets($kind, $battery) +
                        $battery->catcherTurns($rules->diamond()->at($base)) +
                        $throws->given($feet, $battery->catcher),
                    $isDelayed => self::LOB +
                        $level->motion->exchangeSet +
                        $throws->given($rules->pitchingDistance, $battery->pitcher),
                    default => 0.0,
                },
            $isDelayed
                ? $battery->toPlate
                : (LeadRule::WhenPitchReachesBatter === $rules->leads ? $battery->toPlate : 0.0) +
                    $level->motion->stealStart,
            $cover,
        );
    }

    /** s from the catch until the catcher lets it go: of a late runner he sees that he goes, the ball in hand. */
    private static function lets(StealKind $kind, Battery $battery): float
    {
        return StealKind::Delayed === $kind
            ? BetweenPitches::SEEN + self::IN_HAND * $battery->exchange
            : $battery->exchange;
    }

    /** The same race with another battery. */
    public function with(Battery $battery): self
    {
        return self::to($this->base, $battery, $this->rules, $this->level, $this->kind, $this->cover);
    }

    /**
     * The same with whoever takes the throw running from so many ft off the bag: the third baseman has the runner in
     * front of him and goes when he does, the others once the ball is by the batter.
     */
    public function coveredFrom(float $feet, Legs $legs): self
    {
        $goes =
            Base::Third === $this->base
                ? $this->starts + $this->level->motion->plannedReaction
                : $this->battery->toPlate + (StealKind::Delayed === $this->kind ? BetweenPitches::SEEN : 0.0);

        return self::to(
            $this->base,
            $this->battery,
            $this->rules,
            $this->level,
            $this->kind,
            $goes + $legs->secondsFor($feet),
        );
    }

    /** The same with whoever takes the throw there so many s sooner. */
    public function coveredSooner(float $seconds): self
    {
        return self::to($this->base, $this->battery, $this->rules, $this->level, $this->kind, $this->cover - $seconds);
    }

    /**
     * s at which the runner is there.
     *
     * @param float $lead ft off the base that he leaves, before the pitch
     */
    public function runner(Thief $thief, float $lead): float
    {
        return $this->starts + $thief->secondsFrom($this->off($lead));
    }

    /** s at which the ball leaves the catcher's hand; at the plate: at which he has it. */
    public function leaves(): float
    {
        return Base::Home === $this->base
            ? $this->ball
            : $this->battery->toPlate + self::lets($this->kind, $this->battery);
    }

    /** ft off the base at his first step. */
    public function off(float $lead): float
    {
        return match (true) {
            StealKind::Straight === $this->kind => $lead,
            $this->rules->leads->allowsLeads() => Leads::secondary($lead, $this->rules),
            default => $lead + self::UNSEEN,
        };
    }

    /** s at which a true throw is held and the tag made. */
    public function out(): float
    {
        return max($this->ball, $this->cover) + $this->level->motion->tag;
    }

    /** s by which the tag comes before the runner; negative: he is safe by that. */
    public function margin(Thief $thief, float $lead): float
    {
        return $this->runner($thief, $lead) - $this->out();
    }

    /** The chance of the out once the catcher has the pitch. */
    public function outOnceCaught(Thief $thief, float $lead): float
    {
        return $this->throw->out($this->margin($thief, $lead), $thief->spread);
    }

    /** The chance that he is safe, pitches that get away and throws that miss included. */
    public function success(Thief $thief, float $lead): float
    {
        return $this->succeeds($this->margin($thief, $lead), $thief->spread);
    }

    /** The same by the margin. */
    public function succeeds(float $margin, float $spread): float
    {
        $handled = $this->battery->handled;

        return (1 - $handled) * self::AWAY + $handled * (1 - $this->throw->out($margin, $spread));
    }

    /** The chance that a throw is not caught at the bag. */
    public function astray(): float
    {
        return Base::Home === $this->base ? 0.0 : 1 - $this->throw->caught;
    }

    /**
     * The lead from which he is safe as often as that; null when no lead is enough.
     *
     * @param float $wanted 0 to 1
     */
    public function line(Thief $thief, float $wanted): ?float
    {
        [$near, $far] = [0.0, $this->rules->basePath / 2];
        if ($this->success($thief, $near) >= $wanted) {
            return $near;
        }
        if ($this->success($thief, $far) < $wanted) {
            return null;
        }
        while ($far - $near > self::TOLERANCE) {
            $middle = ($near + $far) / 2;
            if ($this->success($thief, $middle) >= $wanted) {
                $far = $middle;
            } else {
                $near = $middle;
            }
        }

        return $far;
    }
}
