<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Runs\Advancement;
use FoxCorner\Core\Runs\CostUnit;
use FoxCorner\Core\Runs\EventRates;
use FoxCorner\Core\Runs\PlateAppearance;
use FoxCorner\Core\Runs\PlayCost;

/**
 * What every end of a ground ball costs in one situation, looked up once so that the loop over the balls only
 * multiplies.
 *
 * Each pair is for the runner on third scoring, and for him staying; without one both are the same.
 * Runners on a ground ball go one base; one on second who is not forced goes with the chance of the model.
 */
final readonly class GroundCost
{
    /**
     * @param float               $through     nobody fields it in time: a single
     * @param array{float, float} $outAtFirst
     * @param array{float, float} $safeAtFirst
     * @param array{float, float} $outAtSecond the runner from first forced out, the batter safe
     * @param array{float, float} $two
     * @param float               $outAtHome   the bases loaded: the force at the plate
     */
    private function __construct(
        public CostUnit $unit,
        public float $through,
        public array $outAtFirst,
        public array $safeAtFirst,
        public array $outAtSecond,
        public array $two,
        public float $outAtHome,
    ) {}

    public static function of(
        PlayCost $cost,
        Situation $situation,
        EventRates $rates,
        Advancement $advancement = new Advancement(),
    ): self {
        $outs = $situation->outs->value;
        $has = $situation->bases->has(...);
        [$r1, $r2, $r3] = [$has(Base::First), $has(Base::Second), $has(Base::Third)];
        $goes = $r2 ? ($r1 ? 1.0 : $advancement->secondToThirdOnGround) : 0.0;
        // After an out, or after everybody is safe: those behind third go one base, he scores or stays.
        $after = static function (int $batterAndFirst, int $made, bool $scores) use (
            $cost,
            $outs,
            $r2,
            $r3,
            $goes,
        ): float {
            $stays = $r3 && !$scores ? 4 : 0;
            $runs = $r3 && $scores ? 1 : 0;
            $up = $cost->after($batterAndFirst | ($r2 ? 4 : 0) | $stays, $outs + $made, $outs + $made > 2 ? 0 : $runs);
            $held = $cost->after(
                $batterAndFirst | ($r2 ? 2 : 0) | $stays,
                $outs + $made,
                $outs + $made > 2 ? 0 : $runs,
            );

            return $r2 ? (0 !== $stays ? $held : $goes * $up + (1 - $goes) * $held) : $up;
        };
        $pair = static fn(int $on, int $made): array => [$after($on, $made, true), $after($on, $made, false)];

        return new self(
            $cost->unit,
            $cost->ofOutcomes((new PlateAppearance($rates, $advancement))->singles($situation), $situation->outs),
            $pair($r1 ? 2 : 0, 1),
            $pair(1 | ($r1 ? 2 : 0), 0),
            $pair(1, 1),
            $pair(0, 2),
            Outs::Two === $situation->outs ? $cost->after(0, 3, 0) : $cost->after(7, $outs + 1, 0),
        );
    }
}
