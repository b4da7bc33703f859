<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\People;

use FoxCorner\Core\People\Quantity;
use FoxCorner\Core\People\Readings;
use FoxCorner\Core\Problem\OutOfRange;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ReadingsTest extends TestCase
{
    /** @param list<float> $values */
    #[TestWith([[], null])]
    #[TestWith([[3.2], 3.2])]
    #[TestWith([[3.4, 3.0], 3.2])]
    #[TestWith([[9.9, 3.1, 3.2], 3.2])]
    public function testMedian(array $values, ?float $median): void
    {
        self::assertEqualsWithDelta($median, Readings::of($values)->median(), 1e-9);
    }

    public function testAnOutlierIsMarkedAndStillCounts(): void
    {
        $readings = Readings::of([3.1, 3.2, 4.4]);

        self::assertTrue($readings->isOutlier(4.4));
        self::assertFalse($readings->isOutlier(3.1));
        self::assertSame([3.1, 3.2, 4.4], $readings->values);
        self::assertFalse(Readings::of([3.1, 4.4])->isOutlier(4.4), 'two tries tell nothing');
    }

    public function testAReadingThatIsNobodys(): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage('reading: 43 is too large; allowed: 2.2 to 8 seconds');
        Quantity::HomeToFirst->check(43, 'reading');
    }
}
