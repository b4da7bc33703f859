<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Bunt;

use FoxCorner\Core\Play\Ball\Possession;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Clock\Play;
use FoxCorner\Core\Play\Fielded\FieldedPlay;
use FoxCorner\Core\Play\Scene\PlaySetting;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Coverage;

/**
 * A coverage against bunts of one kind.
 *
 * Runners whom nobody forces wait when going would cost them: they see who has the ball, and the defence is taken to
 * make the best of either. On a squeeze the runner on third is gone with the pitch and has no choice.
 */
final readonly class Bunted
{
    /** How much surer the out must be with one in reserve, before he takes it and leaves his bag (ours). */
    private const CLEARLY_SURER = 0.1;

    private ?PlaySetting $holding;

    public function __construct(private PlaySetting $setting, private Coverage $coverage, BuntKind $kind)
    {
        $canWait =
            BuntKind::Squeeze !== $kind && self::isChosen($setting->scene) && $setting->state->hasFewerThanTwoOuts();
        $this->holding = $canWait ? $setting->holding() : null;
    }

    /** Whether a runner is on whom nobody forces. */
    public static function isChosen(Scene $scene): bool
    {
        foreach ($scene->situation->bases->occupied() as $base) {
            if (!$scene->situation->bases->forces($base)) {
                return true;
            }
        }

        return false;
    }

    public function play(BuntTrial $bunt): Play
    {
        $who = BuntFielding::of($this->setting, $this->coverage, $bunt->ball);
        $first = $this->fieldedBy($who[0], $bunt);
        $surest = self::surest($first);
        if (!isset($who[1]) || $surest + self::CLEARLY_SURER > 1.0) {
            return $first;
        }
        // That is his read: without him there is no out, or hardly one.
        $reserve = $this->fieldedBy($who[1], $bunt);

        return self::surest($reserve) > $surest + self::CLEARLY_SURER ? $reserve : $first;
    }

    private function fieldedBy(Possession $fielded, BuntTrial $bunt): Play
    {
        $goes = $this->in($this->setting, $bunt, $fielded);
        if (null === $this->holding) {
            return $goes;
        }
        $holds = $this->in($this->holding, $bunt, $fielded);

        return self::cost($holds) > self::cost($goes) ? $holds : $goes;
    }

    /** The chance of the likeliest out. */
    private static function surest(Play $play): float
    {
        return max(array_map(static fn(ThrowOption $one): float => $one->chance, $play->options()));
    }

    private function in(PlaySetting $setting, BuntTrial $bunt, Possession $fielded): FieldedPlay
    {
        return new FieldedPlay($setting, $this->coverage, $bunt, $bunt->ball, $fielded);
    }

    private static function cost(Play $play): float
    {
        return OutPolicy::Numbers->choose($play->options())->cost ?? 0.0;
    }
}
