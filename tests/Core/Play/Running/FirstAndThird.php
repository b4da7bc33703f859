<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play\Running;

use FoxCorner\Core\Family\FirstThird\FirstThirdRace;
use FoxCorner\Core\Family\FirstThird\GoesWhen;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Play\Running\Battery;
use FoxCorner\Core\Play\Running\Leads;
use FoxCorner\Core\Play\Running\Thief;

/** First-and-third steals, played and weighed. */
trait FirstAndThird
{
    private static function race(Level $level, GoesWhen $when, float $share = 1.0): FirstThirdRace
    {
        $rules = ShippedRuleSets::get($level->usualRules());
        $profile = $level->profile();

        return new FirstThirdRace(
            Battery::ordinary($profile),
            Thief::of($rules, $profile),
            Leads::usual(Base::First, $rules),
            Thief::of($rules, $profile, 1.0 === $share ? null : $share * $profile->homeToFirst),
            Leads::usual(Base::Third, $rules),
            Speed::ofMph($profile->infieldArm),
            $rules,
            $profile,
            $when,
        );
    }
}
