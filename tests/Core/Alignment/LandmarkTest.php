<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Alignment;

use FoxCorner\Core\Alignment\Landmark;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\People\Position;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class LandmarkTest extends TestCase
{
    #[TestWith([6, -40.0, 140.0, '2 steps in front of the dirt edge'])]
    #[TestWith([4, 30.0, 155.0, '2 steps behind the dirt edge'])]
    #[TestWith([6, -30.0, 97.3, 'on the base line'])]
    #[TestWith([4, 30.0, 90.0, '2 steps in front of the base line'])]
    #[TestWith([5, -60.0, 74.0, '4 steps off the line'])]
    #[TestWith([3, 64.0, 64.5, 'on the foul line'])]
    #[TestWith([8, 1.0, 280.0, 'straight behind second'])]
    #[TestWith([8, -8.0, 280.0, '3 steps left of second'])]
    #[TestWith([1, 0.0, 60.5, ''])]
    public function testByEye(int $position, float $x, float $y, string $words): void
    {
        self::assertSame(
            $words,
            Landmark::of(Position::from($position), Point::of($x, $y), ShippedRuleSets::get('baseball-90'), 2.5),
        );
    }
}
