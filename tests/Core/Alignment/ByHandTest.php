<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Alignment;

use FoxCorner\Core\Alignment\Alignment;
use FoxCorner\Core\Alignment\ByHand;
use FoxCorner\Core\Alignment\Depth\DepthTable;
use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Alignment\KeptSpot;
use FoxCorner\Core\Alignment\Rule\ShippedRules;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;

/** Who decided what, and what goes before what. */
final class ByHandTest extends TestCase
{
    public function testAKeptSpotStandsForItsDepthOnly(): void
    {
        $kept = [new KeptSpot(Position::Shortstop, NamedDepth::DoublePlay, Point::of(-20, 80), 'Wren')];

        self::assertEquals(Point::of(-20, 80), $this->alignment('R1-1', $kept)->point(Position::Shortstop));
        self::assertSame(
            '6 stands where Wren wants it; the rule says double play.',
            $this->alignment('R1-1', $kept)->spot(Position::Shortstop)->because(),
        );
        self::assertFalse(
            $this->alignment('none-1', $kept)->spot(Position::Shortstop)->byHand,
            'normal is called there',
        );
    }

    public function testWhatIsTriedGoesBeforeWhatIsKept(): void
    {
        $kept = [
            new KeptSpot(Position::Shortstop, NamedDepth::DoublePlay, Point::of(-20, 80), 'Wren'),
            new KeptSpot(Position::SecondBase, NamedDepth::DoublePlay, Point::of(25, 80), 'Wren'),
        ];
        $alignment = $this->alignment('R1-1', $kept, [6 => Point::of(-30, 75)]);

        self::assertEquals(Point::of(-30, 75), $alignment->point(Position::Shortstop));
        self::assertEquals(Point::of(25, 80), $alignment->point(Position::SecondBase));
        self::assertStringContainsString('moved by hand', $alignment->spot(Position::Shortstop)->reason);
        self::assertSame(NamedDepth::DoublePlay, $alignment->spot(Position::Shortstop)->instead);
    }

    public function testTheWordsFollowTheSpot(): void
    {
        $spot = $this->alignment('none-1', [], [6 => Point::of(0, 84.853)])->spot(Position::Shortstop);

        self::assertSame('At second, even', $spot->placement->inPaces(2.5));
        self::assertSame([], $spot->shades, 'a shade of the rule is part of what was replaced');
    }

    public function testOnlyPositionsCanBeTried(): void
    {
        $this->expectException(Problem::class);
        $this->alignment('none-1', [], [12 => Point::of(0, 0)]);
    }

    /**
     * @param list<KeptSpot>    $kept
     * @param array<int, Point> $tried
     */
    private function alignment(string $situation, array $kept, array $tried = []): Alignment
    {
        $state = Teams::state(situation: $situation);

        return ByHand::of($kept, $tried)->applyTo(
            Alignment::byRules($state, DepthTable::shipped($state->rules), ShippedRules::all()),
            $state->rules,
        );
    }
}
