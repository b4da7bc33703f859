<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

use FoxCorner\Core\Motion\Giving;

/** What the outs that one fielder can go for take him and save, from wherever he has a ball. */
final class OutsFrom
{
    /** Who has it so late, in widths of the line between out and safe, has no out but holds the ball. */
    private const HOPELESS = 4.0;

    /** s from contact: the earliest at which a throw was at a bag, of all asked for since this was set back. */
    public float $soonest = \INF;

    /**
     * @param list<array{float, float}>                                                 $bags
     * @param list<array{float, float, float, float, float, float, float, list<float>}> $plain
     *
     * $plain are the goals as {@see saved()} takes them apart; $most is what an out can save, and $latest s from
     * contact after which there is none any more
     */
    private function __construct(
        private readonly GroundFielder $who,
        private readonly array $bags,
        private readonly array $plain,
        public readonly bool $areSeveral,
        public readonly float $most,
        public readonly float $latest,
        private readonly float $reach,
        private readonly float $turnThrow,
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
            array_map(static fn(Goal $one): array => [$one->x, $one->y], $goals),
            array_map(
                static fn(Goal $one): array => [
                    $one->gain,
                    $one->coverAt,
                    $one->until,
                    $one->sharp,
                    $one->more,
                    $one->onward,
                    $one->moreSharp,
                    $one->caught,
                ],
                $goals,
            ),
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
     * @return list<float> six for each out: the share of the exchange; s in the air and for turning around; how much he
     *                     must turn if he runs; how far he throws, in the steps of the table of catches; s on his own
     *                     feet; how much farther it is as good as when he throws running
     */
    public function throws(float $x, float $y): array
    {
        $who = $this->who;
        $dx = $x - $who->x;
        $dy = $y - $who->y;
        $run = sqrt($dx * $dx + $dy * $dy);
        $share = $who->run->share($run - $this->reach);
        $throws = [];
        foreach ($this->bags as [$bagX, $bagY]) {
            $tx = $bagX - $x;
            $ty = $bagY - $y;
            $feet = sqrt($tx * $tx + $ty * $ty);
            $ahead = $run > 0.0 && $feet > 0.0 ? ($dx * $tx + $dy * $ty) / ($run * $feet) : 1.0;
            $throws[] = $feet < Giving::THROWN_FROM ? Giving::exchangeShare($feet) : 1.0;
            $throws[] = $who->flight($feet) + ($tx * $who->armSide > 0.0 ? $who->handTurn($tx / $feet, $feet) : 0.0);
            $throws[] = ($share * (1 - $ahead)) / 2;
            $throws[] = $feet / Goal::EVERY;
            $throws[] = $feet < GroundPlays::CARRIES ? $who->run->seconds($feet) : \INF;
            $throws[] = (Giving::MOVING * $share * $feet) / Goal::EVERY;
        }

        return $throws;
    }

    /**
     * What the best of them saves. It is asked some thousand times for a map, so that it calls nothing.
     *
     * @param float       $seconds from contact until he has it
     * @param float       $own     s of his exchange
     * @param float       $runs    how much of his throw is made running, 0–1
     * @param list<float> $throws  {@see throws()}
     */
    public function saved(float $seconds, float $own, float $runs, array $throws): float
    {
        $moving = $this->turnThrow * $runs;
        $most = 0.0;
        $soonest = $this->soonest;
        $next = 0;
        foreach ($this->plain as [$gain, $coverAt, $until, $sharp, $more, $onward, $moreSharp, $caughts]) {
            $at = $seconds + $own * $throws[$next] + $throws[$next + 1] + $moving * $throws[$next + 2];
            $caught = $caughts[(int) ($throws[$next + 3] + $runs * $throws[$next + 5])] ?? 0.0;
            if ($at < $soonest) {
                $soonest = $at;
            }
            if ($at < $coverAt) {
                $at = $coverAt;
            }
            if ($seconds + $throws[$next + 4] < $at) {
                $at = $seconds + $throws[$next + 4];
                $caught = 1.0;
            }
            if ($more > 0.0) {
                $gain += $more / (1 + exp(($at - $onward) * $moreSharp));
            }
            $gain *= $caught / (1 + exp(($at - $until) * $sharp));
            if ($gain > $most) {
                $most = $gain;
            }
            $next += 6;
        }
        $this->soonest = $soonest;

        return $most;
    }
}
