<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Archive\TeamTables;
use FoxCorner\App\Club\Player;
use FoxCorner\App\CommandLine\Fox;
use FoxCorner\App\Team\PlayerDraft;
use FoxCorner\App\Team\RosterCsv;
use FoxCorner\App\Team\RosterLine;
use FoxCorner\Core\Family\ShippedFamilies;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\PitcherFielding;
use FoxCorner\Core\People\Pitching;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\Quantity;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\People\Traits;
use Symfony\Component\Uid\Uuid;

/** What is known of a player goes through every door: form, table, look, database, archive, command line. */
final class PlayerFieldsTest extends AppTestCase
{
    public function testNothingOfHimIsOrdinaryHereSoThatALossShows(): void
    {
        $whole = self::whole();
        foreach (get_object_vars($whole->traits) as $name => $value) {
            self::assertNotEquals(get_object_vars(Traits::unknown())[$name], $value, $name);
        }
        self::assertSame([2.2, 20.0, 1.0, 0.3, 0.3], self::bounds('least'));
        self::assertSame([8.0, 110.0, 5.0, 2.5, 3.0], self::bounds('most'));
    }

    public function testTheDatabaseAndTheFormKeepHimWhole(): void
    {
        $whole = self::whole();
        $kept = new Player($this->team(), $whole);
        self::assertEquals($whole, $kept->asRosterPlayer());
        self::assertEquals($whole, PlayerDraft::of($kept)->toRosterPlayer($kept->id(), []));
        $this->entities()->persist($kept);
        $this->entities()->flush();
        $this->entities()->clear();
        self::assertEquals(
            $whole,
            $this->entities()->find(Player::class, Uuid::fromString($whole->id))?->asRosterPlayer(),
        );

        $this->signIn();
        $form = $this->open($this->team(), "/team/player/$whole->id")
            ->selectButton('Save Whole')
            ->form();
        foreach (Quantity::cases() as $quantity) {
            self::assertInputValueSame(
                "player_form[{$quantity->stored()}]",
                (string) $whole->traits->measured($quantity),
            );
        }
        $this->browser->submit($form, ['player_form[time_to_plate]' => '1.47']);
        $this->entities()->clear();
        $after = $this->entities()->find(Player::class, Uuid::fromString($whole->id))?->asRosterPlayer();
        self::assertSame(1.47, $after?->traits->timeToPlate);
        self::assertSame($whole->limit, $after->limit);
    }

    public function testATableBringsHimBackAndTheLookShowsAllOfHim(): void
    {
        $whole = self::whole();
        $read = (new RosterCsv())->read((new RosterCsv())->write([$whole]));
        self::assertSame([], $read->problems);
        $back = $read->players[0];
        self::assertEquals(
            [$whole->traits, $whole->positions, $whole->limit],
            [$back->traits, $back->positions, $back->limit],
        );
        self::assertEquals($whole->limitUntil, $back->limitUntil);

        $changes = (new RosterLine($whole, null))->changes;
        foreach (Quantity::cases() as $quantity) {
            self::assertSame(
                "{$whole->traits->measured($quantity)} {$quantity->unit()}",
                $changes[$quantity->field()][1],
            );
        }
        self::assertCount(7 + \count(Quantity::cases()), $changes);
    }

    public function testTheArchiveHasHisColumnsAndTheCommandLineHisFields(): void
    {
        foreach (Quantity::cases() as $quantity) {
            self::assertSame('float?', TeamTables::TABLES['player'][$quantity->stored()]);
        }
        $question = ['rule_set' => 'baseball-90', 'level' => 'pro', 'situation' => 'R1-0'];
        $player = ['position' => 2];
        foreach (Quantity::cases() as $quantity) {
            $player[$quantity->column()] = self::whole()->traits->measured($quantity);
        }
        $fox = new Fox(__DIR__ . '/../../docs/schemas', ShippedFamilies::all());
        [$answer, $code] = $fox->ask('bunt', (string) json_encode($question + ['players' => [$player]]));
        self::assertSame(0, $code, $answer);
        [$answer, $code] = $fox->ask(
            'bunt',
            (string) json_encode($question + ['players' => [['position' => 2, 'exchange_s' => 9]]]),
        );
        self::assertSame(1, $code);
        self::assertStringContainsString('exchange', $answer);
    }

    private static function whole(): RosterPlayer
    {
        return new RosterPlayer(
            '0190aaaa-0000-7000-8000-0000000000f1',
            'Whole',
            '88',
            [Position::Pitcher, Position::LeftField],
            Traits::of(
                Hand::Left,
                Bats::Slap,
                3.05,
                61.0,
                2.75,
                0.85,
                1.35,
                Pitching::Wild,
                PitcherFielding::HatesToThrow,
            ),
            Limit::NoThrowing,
            new \DateTimeImmutable('2031-05-04'),
        );
    }

    /** @return list<float> */
    private static function bounds(string $which): array
    {
        return array_map(
            static fn(Quantity $one): float => 'least' === $which ? $one->least() : $one->most(),
            Quantity::cases(),
        );
    }
}
