<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Alignment;

use FoxCorner\Core\Alignment\Said;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Level\Level;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;

/** Who has the hole between two, once one of them has shaded. */
final class SaidTest extends TestCase
{
    public function testWhoeverMovesSaysWhatIsWhose(): void
    {
        self::assertSame(
            ['4 to 6: I take the middle, you have the hole.', '4 to 3: The hole is yours, I have the middle.'],
            self::said(Teams::state('baseball-90', 'none-0')),
            'the far man a step toward second against a right-hander',
        );
        self::assertSame(
            ['6 to 5: The hole is yours, I have the middle.', '6 to 4: I take the middle, you have the hole.'],
            self::said(Teams::state('baseball-90', 'none-0', batter: BatterType::Left)),
        );
    }

    public function testTheShortstopGoesToSecondAndTheThirdBasemanClosesTheHole(): void
    {
        self::assertContains(
            '5 to 6: I take the hole, you have the middle.',
            self::said(Teams::state('fastpitch-43', 'R1-0')),
        );
    }

    public function testTheOutfieldGoesRoundTogether(): void
    {
        $said = self::said(Teams::state('baseball-90', 'R1-0', batter: BatterType::RightPower));

        self::assertSame([], array_filter($said, static fn(string $one): bool => $one[0] > '6'));
    }

    /** @return list<string> */
    private static function said(GameState $state): array
    {
        return array_map(
            static fn(Said $one): string => "{$one->by->value} to {$one->to->value}: $one->words",
            Said::in(Teams::plan($state, Level::HighSchool)->alignment),
        );
    }
}
