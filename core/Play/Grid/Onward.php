<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Motion\Giving;

/** The second throw of an aim, from one bag to another by one man: the same whatever the ball was. */
final readonly class Onward
{
    /** Of a set exchange, from his own foot on the bag to the throw (ours). */
    public const OFF_THE_BAG = 0.7;

    /**
     * @param int   $receiver  number of whoever takes it; 0: nobody
     * @param float $pivot     s from the catch to the throw
     * @param float $offTheBag s from his own foot on the bag to the throw
     * @param float $flight    s
     * @param float $coverAt   s from contact at which the receiver is there
     * @param float $tag       s
     * @param float $caught    chance
     * @param float $runnerAt  s from contact
     * @param float $wild      chance that it goes past
     */
    private function __construct(
        public int $receiver,
        public float $pivot,
        public float $offTheBag,
        public float $flight,
        public float $coverAt,
        public float $tag,
        public float $caught,
        public float $runnerAt,
        public float $spread,
        public float $feet,
        public float $wild,
    ) {}

    /** The chance of the second out, its throw there at a moment. */
    public function out(float $there): float
    {
        $outAt = ($there > $this->coverAt ? $there : $this->coverAt) + $this->tag;

        return $this->caught / (1 + exp(($outAt - $this->runnerAt) / $this->spread));
    }

    public static function of(GroundSetting $setting, Aim $aim, int $fielder, int $pivot): self
    {
        $motion = $setting->level->motion;
        $then = $aim->then ?? Base::First;
        $thrower = $setting->fielders[$pivot];
        [$from, $to] = [$setting->bags[$aim->bag->value], $setting->bags[$then->value]];
        $feet = $from->distanceTo($to);
        [$receiver, $coverAt] = $setting->covering->there[$then->value][$fielder];
        $turn = $thrower->who->exchangeMore + $thrower->handTurn(($to->x - $from->x) / $feet, $feet);

        $caught = $thrower->caught($then, $feet, 0.0, Giving::PIVOT);

        return new self(
            $receiver === $pivot ? 0 : $receiver,
            $motion->exchangePivot + $turn,
            $motion->exchangeSet * self::OFF_THE_BAG + $turn,
            $thrower->flight($feet),
            $coverAt,
            $aim->isThenForce ? 0.0 : $motion->tag,
            $caught,
            $setting->arrivals[$then->value],
            ($aim->isThenForce ? $setting->spreads : $setting->tagSpreads)[$then->value],
            $feet,
            (1 - $caught) * Giving::PAST,
        );
    }
}
