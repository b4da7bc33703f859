<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family;

use FoxCorner\Core\Family\Bunt\BuntFamily;
use FoxCorner\Core\Family\FirstThird\FirstThirdFamily;
use FoxCorner\Core\Family\GroundBall\GroundBallFamily;
use FoxCorner\Core\Family\Outfield\OutfieldFamily;
use FoxCorner\Core\Family\PassedBall\PassedBallFamily;
use FoxCorner\Core\Family\Pickoff\PickoffFamily;
use FoxCorner\Core\Family\Rundown\RundownFamily;
use FoxCorner\Core\Family\Steal\StealFamily;
use FoxCorner\Core\Play\Contract\PlayFamilies;

/** The families of plays that come with the program: one line each. */
final class ShippedFamilies
{
    /** Of those that others have to ask for, the key. */
    public const BUNTS = BuntFamily::KEY;
    public const OUTFIELD = OutfieldFamily::KEY;
    public const PICKS = PickoffFamily::KEY;

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
            new PassedBallFamily(),
        );
    }
}
