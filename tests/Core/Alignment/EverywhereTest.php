<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Alignment;

use FoxCorner\Core\Alignment\Alignment;
use FoxCorner\Core\Alignment\Depth\DepthTable;
use FoxCorner\Core\Alignment\Rule\ShippedRules;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Runs\RunChain;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;

/** Every state that a coach can come to; what stands where is held by the figures of Held. */
final class EverywhereTest extends TestCase
{
    public function testEveryStateOfEveryRuleSetIsPlaced(): void
    {
        foreach (ShippedRuleSets::all() as $key => $rules) {
            $table = DepthTable::shipped($rules);
            foreach (RunChain::situations() as $situation) {
                foreach (BatterType::cases() as $batter) {
                    foreach ([[3, 0], [$rules->innings, 1], [$rules->innings, 0], [1, -8]] as [$inning, $lead]) {
                        $state = Teams::state($key, $situation->key(), $inning, $lead, $batter);
                        self::assertCount(9, Alignment::byRules($state, $table, ShippedRules::all())->spots());
                    }
                }
            }
        }
    }
}
