<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App\Drawing;

use FoxCorner\App\Field\PlayPicture;
use FoxCorner\App\Practice\Sheet\Sheet;
use FoxCorner\App\Practice\Sheet\SheetBlock;
use FoxCorner\App\Practice\Sheet\SheetPlayer;
use FoxCorner\App\Practice\Sheet\SheetStation;
use FoxCorner\App\Practice\Sheet\TimelineDrawing;
use FoxCorner\App\Shared\Drawing\FieldDrawing;
use FoxCorner\App\Shared\Drawing\Window;
use FoxCorner\Core\Family\Bunt\BuntTrial;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Drawings are to scale, whole, and the right way up. */
final class DrawingTest extends TestCase
{
    #[DataProvider('ruleSets')]
    public function testTheWholeFieldIsInItsWindow(RuleSet $rules): void
    {
        $window = Window::wholeField($rules);
        foreach (range(-45, 45, 5) as $degrees) {
            $fence = Point::polar($rules->fence->distanceAt($degrees), $degrees);
            self::assertGreaterThan($window->left, $fence->x);
            self::assertLessThan($window->left + $window->width, $fence->x);
            self::assertGreaterThan($window->top, -$fence->y, 'up is toward the fence');
        }
        self::assertGreaterThan(5.0, $window->top + $window->height, 'room for the catcher');
    }

    #[DataProvider('ruleSets')]
    public function testTheSkinMeetsItsArc(RuleSet $rules): void
    {
        $path = (new FieldDrawing($rules, Window::infield($rules)))->skin();
        self::assertSame(
            1,
            preg_match('/^M(\S+) (\S+) L(\S+) (\S+) A(\S+) \S+ 0 ([01]) 0 (\S+) (\S+) L/', $path, $parts),
            $path,
        );
        [, $homeX, $homeY, $edgeX, $edgeY, $radius, $large, $otherX, $otherY] = array_map(floatval(...), $parts);

        self::assertEqualsWithDelta(
            $rules->skinRadius,
            hypot($edgeX, -$edgeY - $rules->pitchingDistance),
            0.02,
            'the edge lies on the circle around the rubber',
        );
        self::assertSame($rules->skinRadius, $radius);
        self::assertSame(
            -$edgeY < $rules->pitchingDistance ? 1.0 : 0.0,
            $large,
            'the arc belongs to that circle and not to its mirror image',
        );
        self::assertEqualsWithDelta(-$edgeX, $otherX, 1e-9);
        self::assertEqualsWithDelta($edgeY, $otherY, 1e-9);
        self::assertEqualsWithDelta($edgeX - $homeX, $homeY - $edgeY, 0.02, 'the side is parallel to the foul line');
    }

    #[DataProvider('ruleSets')]
    public function testOnlyAGrassInfieldHasGrass(RuleSet $rules): void
    {
        self::assertSame(
            $rules->grassInfield,
            '' !== (new FieldDrawing($rules, Window::infield($rules)))->infieldGrass(),
        );
    }

    /** @return iterable<string, array{RuleSet}> */
    public static function ruleSets(): iterable
    {
        foreach (ShippedRuleSets::all() as $key => $rules) {
            yield $key => [$rules];
        }
    }

    public function testThePictureOfAPlayIsThePlay(): void
    {
        $plan = Teams::bunt();
        $play = $plan->run(BuntTrial::restingAt(30, -20, $plan->plan->state->rules));
        $picture = (new PlayPicture($play))->jsonSerialize();

        self::assertSame([0.0, 0.0, 0.0], $picture['tracks']['ball'][0]);
        foreach ($play->moves as $number => $move) {
            $last = $picture['tracks'][$number][\count($picture['tracks'][$number]) - 1];
            self::assertEqualsWithDelta(
                [$move->there(), $move->track->end()->point->x, -$move->track->end()->point->y],
                $last,
                0.01,
                "y is turned over for $number",
            );
        }
        self::assertEqualsWithDelta([[$play->fieldedAt(), $play->called()->released]], $picture['held'], 0.001);
        self::assertGreaterThan($picture['events'][4]['t'], $picture['length']);
        self::assertStringStartsWith('M0.0 0.0L', PlayPicture::roll($play));
        self::assertSame(2, preg_match_all('/[ML]/', PlayPicture::throw($play)), 'a throw is one straight line');
    }

    public function testTheTimeBarIsToScale(): void
    {
        $player = new SheetPlayer('id', '6', 'Marsh', 6);
        $sheet = new Sheet(
            [
                new SheetBlock('warm-up', 0, 10),
                new SheetBlock('round', 10, 8, [
                    new SheetStation('stretch-at-second', [$player], 15),
                    new SheetStation('behind-the-bag', [$player], 9),
                ]),
                new SheetBlock('rotation', 18, 2),
                new SheetBlock('round', 20, 8, [new SheetStation('behind-the-bag', [$player], 9)], [$player]),
                new SheetBlock('finish', 28, 12),
            ],
            [],
        );
        $drawing = new TimelineDrawing($sheet, new \DateTimeImmutable('2027-05-14 17:50'));

        self::assertSame(
            ['17:50', '18:00', '18:10', '18:20', '18:30'],
            array_map(static fn(array $mark): string => $mark['at']->format('H:i'), $drawing->marks()),
            'over the full hour',
        );
        self::assertSame(['warm-up', 'finish'], array_column($drawing->blocks(), 'kind'));
        self::assertSame([1, 2, 2], array_column($drawing->stations(), 'station'), 'a drill keeps its number');
        self::assertSame(TimelineDrawing::WIDTH / 4.0, $drawing->stations()[0]['x']);
        self::assertGreaterThan($drawing->stations()[0]['y'], $drawing->stations()[1]['y']);
        self::assertSame('All 1 get what they need, Marsh waits a round', $sheet->result());
    }
}
