<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Field;

use FoxCorner\Core\Alignment\Depth\DepthSpot;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\Fence;
use FoxCorner\Core\Field\Paces;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Segment;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Field\Surface;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class GeometryTest extends TestCase
{
    public function testBagsAreABasePathApart(): void
    {
        $diamond = Diamond::of(60, 43);
        $around = [Base::Home, Base::First, Base::Second, Base::Third, Base::Home];
        for ($leg = 0; $leg < 4; ++$leg) {
            self::assertEqualsWithDelta(
                60,
                $diamond->at($around[$leg])->distanceTo($diamond->at($around[$leg + 1])),
                1e-9,
            );
        }
        self::assertEqualsWithDelta(45, $diamond->at(Base::First)->sprayDegrees(), 1e-9);
    }

    public function testDepthIsWalkedFromTheBag(): void
    {
        $diamond = Diamond::of(90, 60.5);
        $shortstop = DepthSpot::of(Position::Shortstop, 30, 20, $diamond)->point();
        $alongTheBasePath = $diamond->at(Base::Second)->toward($diamond->at(Base::Third), 30);

        self::assertEqualsWithDelta(20, $alongTheBasePath->distanceTo($shortstop), 1e-9, 'back at right angles');
        self::assertGreaterThan(
            $alongTheBasePath->distanceTo(Point::home()),
            $shortstop->distanceTo(Point::home()),
            'back is away from home',
        );
        self::assertEqualsWithDelta(
            -DepthSpot::of(Position::SecondBase, 30, 20, $diamond)->point()->x,
            $shortstop->x,
            1e-9,
            'the middle mirrors',
        );
    }

    public function testCornersGoOffTheLineIntoTheField(): void
    {
        $diamond = Diamond::of(60, 43);
        foreach ([[Position::ThirdBase, -45.0], [Position::FirstBase, 45.0]] as [$position, $line]) {
            $spot = DepthSpot::of($position, 6, -27, $diamond)->point();
            self::assertLessThan(45.0, abs($spot->sprayDegrees()), 'fair ground');
            self::assertEqualsWithDelta(
                6.0,
                Segment::of(Point::home(), Point::polar(100, $line))->distanceTo($spot),
                1e-9,
                'off is from the foul line',
            );
            self::assertEqualsWithDelta(
                33.0,
                hypot($spot->x, $spot->y) * cos(deg2rad($spot->sprayDegrees() - $line)),
                1e-9,
                'front is toward home',
            );
        }
    }

    public function testSpotFromAPointIsTheSameSpot(): void
    {
        $diamond = Diamond::of(80, 54);
        foreach ([Position::FirstBase, Position::SecondBase, Position::ThirdBase, Position::Shortstop] as $position) {
            $spot = DepthSpot::of($position, 17.5, -6.25, $diamond);
            $again = DepthSpot::at($position, $spot->point(), $diamond);
            self::assertEqualsWithDelta([17.5, -6.25], [$again->off, $again->back], 1e-9);
        }
    }

    #[TestWith([16.2, 6.0, 2.5, '6½ off second, 2½ back'])]
    #[TestWith([16.2, -6.0, 2.0, '8 off second, 3 front'])]
    #[TestWith([0.3, 0.2, 2.5, 'At second, even'])]
    #[TestWith([1.2, 0.0, 2.5, '½ off second, even'])]
    public function testPacesArePlayersOwn(float $off, float $back, float $pace, string $words): void
    {
        self::assertSame($words, DepthSpot::of(Position::Shortstop, $off, $back, Diamond::of(60, 43))->inPaces($pace));
    }

    public function testPaceOfAGiant(): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage('pace: 9 is too large; allowed: 1 to 5 feet');
        Paces::inFeet(10, 9);
    }

    public function testFenceGoesThroughItsPoints(): void
    {
        $fence = Fence::of(200, 215, 220, 205, 175);
        foreach (Fence::ANGLES as $index => $angle) {
            self::assertEqualsWithDelta($fence->feet[$index], $fence->distanceAt($angle), 1e-9);
        }
        self::assertEqualsWithDelta(175, $fence->distanceAt(60), 1e-9, 'foul counts as on the line');
        self::assertGreaterThan(200, $fence->distanceAt(-34));
    }

    public function testSegments(): void
    {
        $lane = Segment::of(Point::of(0, 0), Point::of(10, 10));

        self::assertTrue($lane->crosses(Segment::of(Point::of(0, 10), Point::of(10, 0))));
        self::assertTrue($lane->crosses(Segment::of(Point::of(10, 10), Point::of(20, 0))), 'they touch');
        self::assertFalse($lane->crosses(Segment::of(Point::of(0, 1), Point::of(9, 10))));
        self::assertEqualsWithDelta(5.0, $lane->distanceTo(Point::of(13, 14)), 1e-9, 'beyond the end');
    }

    public function testEveryShippedRuleSetHoldsTogether(): void
    {
        foreach (ShippedRuleSets::all() as $key => $rules) {
            self::assertSame($key, $rules->key);
            self::assertGreaterThan($rules->pitchingDistance, $rules->diamond()->at(Base::Second)->y);
            self::assertSame(
                'baseball' === $rules->sport->value && $rules->basePath > 60,
                $rules->leads->allowsLeads(),
                $key,
            );
        }
        self::assertCount(10, ShippedRuleSets::all());
    }

    #[TestWith([44.0, 40.0, 'base path'])]
    #[TestWith([60.0, 62.0, 'pitching distance'])]
    #[TestWith([\NAN, 40.0, 'base path'])]
    public function testFieldsThatCannotBe(float $basePath, float $pitching, string $field): void
    {
        try {
            ShippedRuleSets::get('fastpitch-40')->with(
                $basePath,
                $pitching,
                fence: Fence::of(200, 200, 200, 200, 200),
                surface: Surface::Dirt,
            );
            self::fail('No such field may exist.');
        } catch (Problem $problem) {
            self::assertSame($field, $problem->field());
        }
    }

    public function testUnknownRuleSetSaysWhichThereAre(): void
    {
        $this->expectExceptionMessage('rule set: "baseball-95" is not known; allowed: baseball-90, ');
        ShippedRuleSets::get('baseball-95');
    }
}
