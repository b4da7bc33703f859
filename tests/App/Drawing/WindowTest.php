<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App\Drawing;

use FoxCorner\App\Shared\Drawing\Window;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Which piece of the field a drawing shows: left, top, width and height, ft. */
final class WindowTest extends TestCase
{
    /** @param list<float> $box */
    #[TestWith(['baseball-90', 'wholeField', [-391.756, -424.0, 783.512, 484.6]])]
    #[TestWith(['baseball-90', 'wholeFieldWithBackUps', [-451.227, -424.0, 902.454, 506.0]])]
    #[TestWith(['baseball-90', 'infield', [-150.75, -172.719, 301.5, 194.319]])]
    #[TestWith(['fastpitch-43', 'practiceGround', [-120.0, -159.01, 240.0, 173.41]])]
    #[TestWith(['baseball-60', 'wholeField', [-207.115, -222.6, 414.23, 256.2]])]
    public function testWhatIsShown(string $rules, string $what, array $box): void
    {
        $field = ShippedRuleSets::get($rules);

        self::assertBox(
            $box,
            match ($what) {
                'wholeField' => Window::wholeField($field),
                'wholeFieldWithBackUps' => Window::wholeFieldWithBackUps($field),
                'infield' => Window::infield($field),
                default => Window::practiceGround($field),
            },
        );
    }

    public function testFromNear(): void
    {
        $rules = ShippedRuleSets::get('baseball-90');
        $whole = Window::wholeField($rules);
        $near = $whole->near($rules) ?? self::fail('the whole field has it nearer');

        self::assertBox([-134.6, -144.9, 269.201, 166.5], $near);
        self::assertEqualsWithDelta($whole->height / $whole->width, $near->height / $near->width, 1e-9, 'one shape');
        self::assertNull($near->near($rules), 'it is near already');
        self::assertBox([-52.0, -70.145, 104.0, 75.145], Window::inFrontOfPlate());
        self::assertEqualsWithDelta(0.15029, Window::inFrontOfPlate()->feetPerPixel(), 1e-5);
    }

    public function testAroundPointsWithRoom(): void
    {
        $points = [Point::of(10.0, 20.0), Point::of(-30.0, 80.0)];
        $around = Window::around($points, 1.5, 62.0, 0.6);

        self::assertBox([-85.0, -95.0, 150.0, 90.0], $around);
        self::assertBox([-41.0, -68.6, 62.0, 37.2], Window::around([Point::of(-10.0, 50.0)], 1.5, 62.0, 0.6));
        self::assertTrue($around->has(Point::of(-84.9, 94.9)));
        self::assertFalse($around->has(Point::of(-85.1, 94.9)));
        self::assertFalse($around->has(Point::of(-84.9, 95.1)));
        self::assertFalse($around->has(Point::of(65.1, 5.1)));
        self::assertFalse($around->has(Point::of(64.9, 4.9)));
        self::assertSame('-85.00 -95.00 150.00 90.00', $around->viewBox());
    }

    /** @param list<float> $box */
    private static function assertBox(array $box, Window $window): void
    {
        foreach ([$window->left, $window->top, $window->width, $window->height] as $index => $feet) {
            self::assertEqualsWithDelta($box[$index], $feet, 0.001);
        }
    }
}
