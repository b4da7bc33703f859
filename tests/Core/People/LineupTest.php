<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\People;

use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\People\NoLineup;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\People\Traits;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class LineupTest extends TestCase
{
    public function testEverybodyAtTheirBestPosition(): void
    {
        $lineup = Lineup::choose(Teams::fifteen());
        foreach (Position::cases() as $position) {
            self::assertSame((string) $position->value, $lineup->at($position)->number);
        }
    }

    public function testMovesSomebodyAlongWhenThatFreesAPlace(): void
    {
        // 5 can only be played by number 6, who is the best shortstop; number 20 can then play short.
        $roster = array_values(
            array_filter(Teams::nine(), static fn($player): bool => !\in_array($player->number, ['5', '6'], true)),
        );
        $lineup = Lineup::choose([...$roster, Teams::player(6, 6, 5), Teams::player(20, 4, 6)]);

        self::assertSame('6', $lineup->at(Position::ThirdBase)->number);
        self::assertSame('20', $lineup->at(Position::Shortstop)->number);
    }

    #[TestWith([0, 'there is nobody on it'])]
    #[TestWith([1, 'there is one player on it'])]
    #[TestWith([8, 'there are 8 players on it'])]
    public function testTooFew(int $count, string $words): void
    {
        $this->expectException(NoLineup::class);
        $this->expectExceptionMessage("roster: $words; allowed: nine players or more, one for each position");
        Lineup::choose(\array_slice(Teams::nine(), 0, $count));
    }

    public function testNobodyCatches(): void
    {
        $roster = [
            ...array_values(array_filter(Teams::nine(), static fn($player): bool => '2' !== $player->number)),
            Teams::player(12, 7),
        ];

        $this->expectExceptionMessage('roster: nobody is left to play 2, catcher');
        Lineup::choose($roster);
    }

    #[TestWith([43.0, null, null, 'home to first: 43 is too large; allowed: 2.2 to 8 seconds'])]
    #[TestWith([-3.2, null, null, 'home to first: -3.2 is too small'])]
    #[TestWith([null, 300.0, null, 'arm: 300 is too large'])]
    #[TestWith([null, null, 0.2, 'pace: 0.2 is too small'])]
    public function testMeasurementsThatAreNobodys(?float $time, ?float $arm, ?float $pace, string $message): void
    {
        $this->expectExceptionMessage($message);
        Traits::of(Hand::Right, Bats::Right, $time, $arm, $pace);
    }

    public function testWhoIsWantedIsFoundByHisIdAndNotByANumberThatLooksLikeIt(): void
    {
        $roster = array_map(
            static fn(int $number): RosterPlayer => new RosterPlayer(
                ['1e1', '10', '010', '7', '07', '3', '4', '5', '6'][$number - 1],
                "P$number",
                (string) $number,
                Position::cases(),
                Traits::unknown(),
            ),
            range(1, 9),
        );
        $lineup = Lineup::choose($roster, [6 => '10', 4 => '07']);

        self::assertSame('10', $lineup->at(Position::Shortstop)->id);
        self::assertSame('07', $lineup->at(Position::SecondBase)->id);
    }

    public function testALimitLastsToItsLastDayAndNoLonger(): void
    {
        $player = static fn(?string $until): RosterPlayer => new RosterPlayer(
            'a',
            'A',
            '1',
            [Position::Pitcher],
            Traits::unknown(),
            Limit::NoThrowing,
            null === $until ? null : new \DateTimeImmutable($until),
        );
        $day = new \DateTimeImmutable('2026-11-27 18:00');

        self::assertSame(Limit::NoThrowing, $player(null)->on($day)->limit, 'nobody has said when it ends');
        self::assertSame(Limit::NoThrowing, $player('2026-11-27')->on($day)->limit);
        self::assertSame(Limit::NoThrowing, $player('2026-11-28')->on($day)->limit);
        self::assertSame(Limit::None, $player('2026-11-26')->on($day)->limit);
    }
}
