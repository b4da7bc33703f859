<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

use FoxCorner\Core\Motion\Giving;

/** What the outs that one fielder can go for take him and save, from wherever he has a ball. */
final readonly class OutsFrom
{
    /** Who has it so late, in widths of the line between out and safe, has no out but holds the ball. */
    private const HOPELESS = 4.0;

    /**
     * @param list<Goal> $goals
     * @param float      $most   that an out can save
     * @param float      $latest s from contact after which there is none any more
     */
    private function __construct(
        private GroundFielder $who,
        private array $goals,
        public bool $areSeveral,
        public float $most,
        public float $latest,
        private float $reach,
        private float $turnThrow,
    ) {}

    public static function of(GroundFielder $who, GroundSetting $setting): self
    {
        $goals = Goal::all($who, $setting);
        $latest = $most = 0.0;
        foreach ($goals as $goal) {
            $most = max($most, $goal->gain + $goal->more);
            $latest = max($latest, $goal->until + self::HOPELESS / $goal->sharp);
        }
        $motion = $setting->level->motion;

        return new self(
            $who,
            $goals,
            \count($goals) > 1,
            $most,
            // Nobody gets rid of it sooner than that.
            $latest - $who->exchange * $who->slowExchange * Giving::FEED_EXCHANGE,
            $motion->reach,
            $motion->turnThrow,
        );
    }

    /**
     * @param float $x ft, where he has it
     *
     * @return list<array{float, float, float, float, float, float}> for each out: the share of the exchange; s in the
     *                                                               air and for turning around; how much he must turn
     *                                                               if he runs; how far he throws, in the steps of the
     *                                                               table of catches; s on his own feet; how much
     *                                                               farther it is as good as when he throws running
     */
    public function throws(float $x, float $y): array
    {
        $who = $this->who;
        [$dx, $dy] = [$x - $who->x, $y - $who->y];
        $run = sqrt($dx * $dx + $dy * $dy);
        $share = $who->run->share($run - $this->reach);
        $throws = [];
        foreach ($this->goals as $goal) {
            [$tx, $ty] = [$goal->x - $x, $goal->y - $y];
            $feet = sqrt($tx * $tx + $ty * $ty);
            $ahead = $run > 0.0 && $feet > 0.0 ? ($dx * $tx + $dy * $ty) / ($run * $feet) : 1.0;
            $throws[] = [
                Giving::exchangeShare($feet),
                $who->flight($feet) + ($tx * $who->armSide > 0.0 ? $who->handTurn($tx / $feet, $feet) : 0.0),
                ($share * (1 - $ahead)) / 2,
                $feet / Goal::EVERY,
                $feet < GroundPlays::CARRIES ? $who->run->seconds($feet) : \INF,
                (Giving::MOVING * $share * $feet) / Goal::EVERY,
            ];
        }

        return $throws;
    }

    /**
     * What the best of them saves. It is asked some thousand times for a map, so that it calls nothing.
     *
     * @param float                                                 $seconds from contact until he has it
     * @param float                                                 $own     s of his exchange
     * @param float                                                 $runs    how much of his throw is made running, 0–1
     * @param list<array{float, float, float, float, float, float}> $throws  {@see throws()}
     */
    public function saved(float $seconds, float $own, float $runs, array $throws): float
    {
        $moving = $this->turnThrow * $runs;
        $most = 0.0;
        foreach ($this->goals as $index => $goal) {
            $throw = $throws[$index];
            $at = $seconds + $own * $throw[0] + $throw[1] + $moving * $throw[2];
            $caught = $goal->caught[(int) ($throw[3] + $runs * $throw[5])] ?? 0.0;
            if ($at < $goal->coverAt) {
                $at = $goal->coverAt;
            }
            if ($seconds + $throw[4] < $at) {
                $at = $seconds + $throw[4];
                $caught = 1.0;
            }
            $save = $goal->gain;
            if ($goal->more > 0.0) {
                $save += $goal->more / (1 + exp(($at - $goal->onward) * $goal->moreSharp));
            }
            $save *= $caught / (1 + exp(($at - $goal->until) * $goal->sharp));
            if ($save > $most) {
                $most = $save;
            }
        }

        return $most;
    }
}
