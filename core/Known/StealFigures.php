<?php

declare(strict_types=1);

namespace FoxCorner\Core\Known;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\LeadRule;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Play\Choice\AfterPlay;
use FoxCorner\Core\Play\Running\Battery;
use FoxCorner\Core\Play\Running\Leads;
use FoxCorner\Core\Play\Running\StealRace;
use FoxCorner\Core\Play\Running\Thief;
use FoxCorner\Core\Play\Running\Toll;
use FoxCorner\Core\Runs\PlayCost;

/**
 * What a level's ordinary runners on first make of its ordinary battery, when they choose whether to go.
 *
 * Each knows his own legs and how quick pitcher and catcher are, but not the pitch that comes: he goes when he is safe
 * often enough on average. Where he may not leave before the pitch is there, he sees one that gets away.
 */
final readonly class StealFigures
{
    /** Coaches send a runner a little below the chance at which it pays: the other side has to throw (ours). */
    private const BOLD = 0.08;
    /** s by which pitches, exchanges and jumps differ from each other (ours). */
    private const PITCHES = 0.15;
    /** Standard deviations to each side, and the steps between. */
    private const WIDE = 3.0;
    private const STEP = 0.1;

    /**
     * @param float $success   of those who go, 0 to 1
     * @param float $go        of those who could
     * @param float $breakEven from which it pays, averaged over the outs
     */
    private function __construct(public float $success, public float $go, public float $breakEven) {}

    public static function of(Level $level): self
    {
        $profile = $level->profile();
        $rules = ShippedRuleSets::get($level->usualRules());
        $breakEven = self::breakEven($profile);
        [$went, $safe, $all] = [0.0, 0.0, 0.0];
        foreach (self::bell() as [$step, $weight]) {
            $all += $weight;
            foreach (self::seen($profile, $rules, $step) as [$share, $chance]) {
                if ($chance >= $breakEven - self::BOLD) {
                    $went += $weight * $share;
                    $safe += $weight * $share * $chance;
                }
            }
        }

        return new self($went > 0.0 ? $safe / $went : 0.0, $went / $all, $breakEven);
    }

    /** @return list<array{float, float}> what a runner can know as he decides: its share, and his chance then */
    private static function seen(LevelProfile $level, RuleSet $rules, float $step): array
    {
        $battery = Battery::ordinary($level);
        $race = StealRace::to(Base::Second, $battery, $rules, $level);
        $thief = Thief::of($rules, $level, $level->homeToFirstOver($rules->basePath) + $step * $level->scatter);
        $margin = $race->margin($thief, Leads::usual(Base::First, $rules));
        $sees = LeadRule::WhenPitchReachesBatter === $rules->leads;
        $caught = self::average($sees ? $race->with($battery->always()) : $race, $margin, $thief->spread);

        return $sees
            ? [[$battery->handled, $caught], [1 - $battery->handled, $race->with($battery->never())->succeeds(0, 1)]]
            : [[1.0, $caught]];
    }

    /** Over the pitches that come. */
    private static function average(StealRace $race, float $margin, float $spread): float
    {
        $sum = $all = 0.0;
        foreach (self::bell() as [$step, $weight]) {
            $sum += $weight * $race->succeeds($margin + $step * self::PITCHES, $spread);
            $all += $weight;
        }

        return $sum / $all;
    }

    private static function breakEven(LevelProfile $level): float
    {
        $cost = PlayCost::inRuns($level->chain());
        $sum = 0.0;
        foreach (Outs::cases() as $outs) {
            $sum += (new Toll(new AfterPlay($cost, Situation::of(Bases::First, $outs))))->breakEven(Base::First);
        }

        return $sum / \count(Outs::cases());
    }

    /** @return list<array{float, float}> standard deviations, and the weight of each */
    private static function bell(): array
    {
        return array_map(
            static fn(float $step): array => [$step, exp((-$step * $step) / 2)],
            range(-self::WIDE, self::WIDE, self::STEP),
        );
    }
}
