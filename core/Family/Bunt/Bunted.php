<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Bunt;

use FoxCorner\Core\Play\Ball\Possession;
use FoxCorner\Core\Play\Choice\OutPolicy;
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
        $fielded = BuntFielding::of($this->setting, $this->coverage, $bunt->ball);
        $goes = $this->in($this->setting, $bunt, $fielded);
        if (null === $this->holding) {
            return $goes;
        }
        $holds = $this->in($this->holding, $bunt, $fielded);

        return self::cost($holds) > self::cost($goes) ? $holds : $goes;
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
