<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\ShippedFamilies;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Map\HisGround;
use FoxCorner\Core\Play\Map\PlayMap;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;

/** Whose bunts are whose, in paces from where he starts. */
final class HisGroundTest extends TestCase
{
    public function testTheThirdBasemansBuntsAreInFrontOfHim(): void
    {
        $plan = Teams::plan(Teams::state('baseball-90', 'R1-0'), Level::HighSchool);
        $scene = $plan->scene(Teams::cost(Level::HighSchool));
        $family = ShippedFamilies::all()->get(ShippedFamilies::BUNTS);
        $coverage = $family->coverages($plan->state->rules, $plan->state->situation)[0];
        $placed = $family->spots($scene, $family->trial([], $scene));
        self::assertNotSame([], $placed);
        $map = PlayMap::of($family, $scene, $coverage, $placed);
        $third = $plan->cast->at(Position::ThirdBase);
        $his = HisGround::of($map, $third);

        self::assertNotNull($his);
        $pace = $third->player->traits->pace();
        foreach ($his->spots as $spot) {
            self::assertSame(Position::ThirdBase, $spot->by);
            $paces = $spot->at->distanceTo($third->start) / $pace;
            self::assertLessThan(hypot(max($his->front) + 1.0, max(array_map(abs(...), $his->side)) + 1.0), $paces);
        }
        self::assertGreaterThan(0, $his->front[1]);
        self::assertStringContainsString(" to {$his->front[1]} in front; ", $his->words());
        self::assertEqualsWithDelta(5 * $pace, $his->arcs()[0], 1e-9);
        // The mound is on the left of a third baseman who faces home.
        self::assertLessThan(0, $his->side[0]);
        $right = HisGround::of($map, $plan->cast->at(Position::RightField));
        self::assertNull($right, 'none is his');
    }
}
