<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Running;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\Motion\Throws;

/** A throw behind a runner, on the clock: seconds from the first move of whoever throws. */
final readonly class PickRace
{
    /** s of the exchange to which the seconds of {@see PickKind} belong. */
    private const EXCHANGE = 0.75;
    /** s from an infielder's break until the runner has heard of it (ours). */
    private const HEARD = 0.35;
    /** Who misses the first clue knows so many s later (ours). */
    private const LATE = 0.42;
    /**
     * How often he misses it: in a level whose players react in so many s nobody does, and so much oftener for each s
     * more (ours).
     */
    private const NEVER_MISSED = 0.295;
    private const MISSED = 2.6;
    private const MOST_MISSED = 0.16;
    /** Of a step that gets whoever comes in to the bag: he need not stand on it, ft. */
    private const AT_THE_BAG = 2.0;

    /**
     * @param float $released s
     * @param float $ball     s at which it is at the bag
     * @param float $cover    s at which somebody is there; INF when nobody comes
     * @param float $tells    s at which the runner knows
     */
    private function __construct(
        public PickKind $kind,
        public Base $base,
        public float $released,
        public float $ball,
        public float $cover,
        public float $tells,
        private TagThrow $throw,
        private RuleSet $rules,
        private LevelProfile $level,
    ) {}

    /**
     * @param float|null $fielder     ft from the bag of whoever takes it, before he breaks; null: nobody does
     * @param Legs       $legs        his
     * @param bool       $isSurprised the thrower did not know that somebody would be there
     */
    public static function of(
        PickKind $kind,
        Base $base,
        Battery $battery,
        ?float $fielder,
        Legs $legs,
        RuleSet $rules,
        LevelProfile $level,
        bool $isSurprised = false,
    ): self {
        $from = self::from($kind, $rules);
        $feet = $from->distanceTo($rules->diamond()->at($base));
        $turn = ($kind->turns($battery->hand, $base) * $level->skills->exchange) / self::EXCHANGE;
        $released = $kind->isCatchers()
            ? $battery->exchange + $turn + $battery->catcherTurns($rules->diamond()->at($base))
            : $turn;
        $late = $isSurprised ? $level->motion->infieldReaction : 0.0;
        $arm = $kind->isCatchers() ? $battery->catcher : $battery->pitcher;
        $reach = Giving::reach($base);
        $ball = $released + $late + Throws::of(Ball::for($rules->sport))->given($feet, $arm);

        return new self(
            $kind,
            $base,
            $released + $late,
            $ball,
            null === $fielder ? \INF : self::there($kind, $fielder, $legs),
            $kind->tells($battery->hand),
            $isSurprised
                ? TagThrow::surprised($feet, $reach, $level->skills, $kind->wider())
                : TagThrow::over($feet, $reach, $level->skills, $kind->wider()),
            $rules,
            $level,
        );
    }

    /** Where it is thrown from. */
    public static function from(PickKind $kind, RuleSet $rules): Point
    {
        return $kind->isCatchers() ? Point::home() : $rules->diamond()->pitchersPlate();
    }

    /** ft from the bag from which whoever takes it is there with the ball. */
    public function withinReach(Legs $legs): float
    {
        $breaks = $this->kind->breaks();

        return null === $breaks ? 0.0 : self::AT_THE_BAG + $legs->distanceAfter(max(0.0, $this->ball - $breaks));
    }

    /**
     * s at which the runner has his hand on the bag again.
     *
     * @param float $off ft off it as the throw begins
     */
    public function runner(Thief $thief, float $off): float
    {
        return $this->tells + $thief->secondsBack($off, $this->level->motion);
    }

    /** s at which a true throw is held and the tag made. */
    public function out(): float
    {
        return max($this->ball, $this->cover) + $this->level->motion->tag;
    }

    /** s by which the tag comes before the runner; negative: he is back by that. */
    public function margin(Thief $thief, float $off): float
    {
        return $this->runner($thief, $off) - $this->out();
    }

    public function chance(Thief $thief, float $off): float
    {
        return \INF === $this->cover ? 0.0 : $this->outs($thief, $off, $this->out());
    }

    /** The same if whoever takes it had been waiting at the bag. */
    public function onTime(Thief $thief, float $off): float
    {
        return $this->outs($thief, $off, $this->ball + $this->level->motion->tag);
    }

    /** Over what may tell him: whoever breaks for the bag, the first move, and that he misses both for a moment. */
    private function outs(Thief $thief, float $off, float $tagged): float
    {
        $breaks = $this->kind->breaks();
        $soonest = null === $breaks ? $this->tells : min($this->tells, $breaks + self::HEARD);
        $seen = $this->kind->seen();
        $missed = min(
            self::MOST_MISSED,
            max(0.0, self::MISSED * ($this->level->skills->reaction - self::NEVER_MISSED)),
        );
        $back = $thief->secondsBack($off, $this->level->motion);
        $spread = $thief->spreadBack($off);
        $out = fn(float $knows): float => $this->throw->out($knows + $back - $tagged, $spread);

        return $seen * $out($soonest) +
            (1 - $seen) * ((1 - $missed) * $out($this->tells) + $missed * $out($this->tells + self::LATE));
    }

    /** The chance that the throw is not caught. */
    public function astray(): float
    {
        return \INF === $this->cover ? 1.0 : 1 - $this->throw->caught;
    }

    /**
     * The alarm line: how far off the bag it wins as often as that, as the throw begins; null when half of the way is
     * not enough.
     *
     * @param float $wanted 0 to 1
     */
    public function line(Thief $thief, float $wanted): ?float
    {
        [$near, $far] = [0.0, $this->rules->basePath / 2];
        if ($this->chance($thief, $far) < $wanted) {
            return null;
        }
        while ($far - $near > StealRace::TOLERANCE) {
            $middle = ($near + $far) / 2;
            if ($this->chance($thief, $middle) >= $wanted) {
                $far = $middle;
            } else {
                $near = $middle;
            }
        }

        return $far;
    }

    private static function there(PickKind $kind, float $fielder, Legs $legs): float
    {
        $breaks = $kind->breaks();

        return null === $breaks
            ? $legs->secondsFor(max(0.0, $fielder - self::AT_THE_BAG))
            : $breaks + $legs->secondsFor(max(0.0, $fielder - self::AT_THE_BAG));
    }
}
