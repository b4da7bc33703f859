<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Known\LevelFigures;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\FoulPop;
use PHPUnit\Framework\TestCase;

/** Foul pops near the infield: whose they are, and what a runner makes of them. */
final class FoulPopTest extends TestCase
{
    public function testWhoHasIt(): void
    {
        $pop = static fn(float $x, float $y): FoulPop => self::pop('none-0', Point::of($x, $y));

        self::assertSame(Position::Catcher, $pop(0.0, -30.0)->by, 'behind the plate');
        self::assertSame(Position::ThirdBase, $pop(-76.0, 45.0)->by);
        self::assertSame(Position::FirstBase, $pop(76.0, 45.0)->by);
        self::assertGreaterThan(0.95, $pop(0.0, -30.0)->caught);
        self::assertLessThan(0.2, $pop(0.0, -78.0)->caught, 'too far for anybody');
    }

    /** Whoever is under it is turned away: far behind the plate the pitcher has to be home before the runner. */
    public function testTheRunnerOnThirdGoesOnWhatIsFarEnough(): void
    {
        $near = self::pop('R3-1', Point::of(0.0, -20.0));
        self::assertFalse($near->goes());
        self::assertEqualsWithDelta(1.7, $near->ball, 0.4);
        self::assertEqualsWithDelta(3.95, $near->runs, 0.1, 'from the bag');
        $far = self::pop('R3-1', Point::of(-140.0, 115.0), 6.0);
        self::assertGreaterThan($near->ball + 0.7, $far->ball);
        self::assertSame([], array_filter([self::pop('R3-2', Point::of(0.0, -20.0))->runner]), 'the third out ends it');
    }

    public function testTheOutCostsLessThanTheStrike(): void
    {
        $pop = self::pop('none-0', Point::of(0.0, -30.0));

        self::assertEqualsWithDelta(0.24, $pop->drops - $pop->costs, 0.04, 'an out with nobody on');
        self::assertFalse($pop->isLetDrop());
    }

    private static function pop(string $situation, Point $at, float $hang = FoulPop::HANGS): FoulPop
    {
        $figures = new LevelFigures(Level::Pro);

        return FoulPop::at($at, $hang, $figures->plan($situation), $figures->cost);
    }
}
