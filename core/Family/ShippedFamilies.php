<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family;

use FoxCorner\Core\Play\Bunt\BuntFamily;
use FoxCorner\Core\Play\Family\PlayFamilies;
use FoxCorner\Core\Play\FirstThird\FirstThirdFamily;
use FoxCorner\Core\Play\GroundBall\GroundBallFamily;
use FoxCorner\Core\Play\Outfield\OutfieldFamily;
use FoxCorner\Core\Play\Pickoff\PickoffFamily;
use FoxCorner\Core\Play\Rundown\RundownFamily;
use FoxCorner\Core\Play\Steal\StealFamily;

/** The families of plays that come with the program: one line each. */
final class ShippedFamilies
{
    public static function all(): PlayFamilies
    {
        return PlayFamilies::of(
            new BuntFamily(),
            new GroundBallFamily(),
            new OutfieldFamily(),
            new PickoffFamily(),
            new StealFamily(),
            new FirstThirdFamily(),
            new RundownFamily(),
        );
    }
}
