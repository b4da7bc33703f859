<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** How many kinds of page there are, and where they are found. */
final class PlacesTest extends TestCase
{
    public function testTheDrawingOfThePlacesIsOfToday(): void
    {
        $drawing = PlacesDrawing::ofTheProject();

        self::assertSame(
            file_get_contents(\dirname(__DIR__, 2) . '/docs/places.svg'),
            $drawing->svg(),
            'tests/Tools/places draws it anew',
        );
        self::assertGreaterThan(40, $drawing->count());
        self::assertStringContainsString('view › coverages', $drawing->svg());
    }
}
