<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Build\FieldPart;
use FoxCorner\Core\Practice\Build\Helper;
use FoxCorner\Core\Practice\Build\Helpers;
use FoxCorner\Core\Practice\Build\Means;
use FoxCorner\Core\Practice\Build\Placement;
use FoxCorner\Core\Practice\Build\StationChoice;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Practice\Need\StandingDemand;
use FoxCorner\Core\Practice\Schedule\PracticeDay;
use FoxCorner\Core\Practice\Time\TimePlan;
use FoxCorner\Core\Skill\SkillFamily;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Which stations, where, and who helps at them. */
final class BuildTest extends TestCase
{
    public function testStationsAreOnesThatCanBeRunTonight(): void
    {
        foreach (FieldPart::cases() as $part) {
            $choice = self::choice($part);
            $chosen = $choice->of(Practices::needs(Teams::fifteen()), ShippedDrills::all());
            self::assertNotSame([], $chosen, $part->value);
            self::assertLessThanOrEqual(StationChoice::count(Helpers::of(3)), \count($chosen));
            foreach ($chosen as $drill) {
                self::assertNull($choice->hindrance($drill), "$drill->key in {$part->value}");
                self::assertNotSame(SkillFamily::Team, $drill->family, 'what needs everybody is no station');
            }
        }
    }

    public function testChosenStationsCanMostlyRunTogether(): void
    {
        $diamond = Diamond::of(60, 43);
        $chosen = self::choice(FieldPart::Whole)->of(Practices::needs(Teams::fifteen()), ShippedDrills::all());
        $pairs = (\count($chosen) * (\count($chosen) - 1)) / 2;

        self::assertLessThan(0.3 * $pairs, \count(Placement::of($chosen, $diamond, FieldPart::Whole)->conflicts()));
    }

    /** @param \Closure(): StationChoice $choice */
    #[DataProvider('hindrances')]
    public function testWhatHindersADrillIsSaid(\Closure $choice, string $drill, string $words): void
    {
        self::assertStringContainsString($words, $choice()->hindrance(ShippedDrills::get($drill)) ?? '');
    }

    /** @return iterable<string, array{\Closure(): StationChoice, string, string}> */
    public static function hindrances(): iterable
    {
        $sore = array_map(static fn($player) => Teams::with($player, limit: Limit::NoThrowing), Teams::nine());
        yield 'too few' => [
            static fn() => self::choice(players: [Teams::player(1, 1)]),
            'charge-and-throw',
            'needs 2 players, and 1 who come can work there',
        ];
        yield 'nobody may throw' => [
            static fn() => self::choice(players: $sore),
            'charge-and-throw',
            'and 0 who come can work there',
        ];
        yield 'nobody hits' => [
            static fn() => self::choice(helpers: Helpers::of(2, 0)),
            'slap-and-drag',
            'needs somebody who hits',
        ];
        yield 'no ball' => [static fn() => self::choice(shed: []), 'charge-and-throw', 'needs 1 × bucket of balls'];
        yield 'in a hall' => [
            static fn() => self::choice(FieldPart::Hall),
            'slap-and-drag',
            'does not fit into a hall',
        ];
        yield 'the other half' => [
            static fn() => self::choice(FieldPart::RightHalf),
            'turn-back-to-third',
            'does not fit on that part of the field',
        ];
    }

    public function testWhatIsNearestToBeingRunIsNamed(): void
    {
        $drills = array_intersect_key(ShippedDrills::all(), ['charge-and-throw' => true, 'outfield-pairs' => true]);
        $sitting = array_map(
            static fn(RosterPlayer $one): RosterPlayer => $one->limitedTo(Limit::NoRunning),
            Teams::nine(),
        );

        self::assertSame(
            'what the nearest is short of: “Outfield in pairs” needs 2 players, and 1 who come can work there',
            self::choice(players: [Teams::player(8, 8)], shed: [])->nearest($drills),
        );
        self::assertStringStartsWith('somebody who may run', self::choice(players: $sitting)->nearest($drills));
        self::assertStringStartsWith('another player', self::choice()->nearest([]));
    }

    public function testEveryFloorAndEverybodyWithALimitHasAStation(): void
    {
        $soft = Teams::nine()[2]->limitedTo(Limit::SoftThrowing);
        $players = [
            $soft,
            ...array_filter(Teams::nine(), static fn(RosterPlayer $one): bool => $one->id !== $soft->id),
        ];
        $day = PracticeDay::of(
            ShippedRuleSets::get('fastpitch-43'),
            Level::Fastpitch16,
            $players,
            new Means(Helpers::of(3), Practices::SHED),
            TimePlan::within(90),
            [],
            ShippedDrills::all(),
        );
        $ready = $day->ready(StandingDemand::of(ShippedRuleSets::get('fastpitch-43')), ShippedDrills::all());
        $his = array_filter(
            $ready->wanted,
            static fn(Drill $drill): bool => $drill->allows(Limit::SoftThrowing) &&
                [] !== array_intersect(Position::numbers($soft->positions), $drill->positions()),
        );

        self::assertSame([], $ready->request->unserved);
        self::assertGreaterThanOrEqual(3, \count($his));
    }

    public function testOpenGroundIsLaidOutSoThatNobodyIsInTheWay(): void
    {
        $movable = array_filter(ShippedDrills::all(), static fn(Drill $drill): bool => $drill->place->isMovable);
        $few = \array_slice($movable, 0, 3, true);

        self::assertSame([], Placement::of($few, Diamond::of(60, 43), FieldPart::Whole)->conflicts());
    }

    public function testTheCoachsHandMovesAStation(): void
    {
        $drill = ['charge-and-throw' => ShippedDrills::get('charge-and-throw')];
        $usual = Placement::of($drill, Diamond::of(60, 43), FieldPart::Whole);
        $moved = Placement::of($drill, Diamond::of(60, 43), FieldPart::Whole, [
            'charge-and-throw' => Point::of(10, -20),
        ]);

        self::assertEqualsWithDelta(
            10,
            $moved->places['charge-and-throw']->center->x - $usual->places['charge-and-throw']->center->x,
            1e-9,
        );
        self::assertEqualsWithDelta(
            -20,
            $moved->places['charge-and-throw']->lanes[0]->from->y -
                $usual->places['charge-and-throw']->lanes[0]->from->y,
            1e-9,
        );
    }

    public function testAConflictSaysWhy(): void
    {
        $two = array_map(ShippedDrills::get(...), [
            'charge-and-throw' => 'charge-and-throw',
            'slap-and-drag' => 'slap-and-drag',
        ]);
        $conflicts = Placement::of($two, Diamond::of(60, 43), FieldPart::Whole)->conflicts();

        self::assertCount(1, $conflicts);
        self::assertNotSame('', $conflicts[0]->why);
    }

    public function testWhoHitsGoesWhereBallsAreHitAndEverybodyStaysWhereHeWas(): void
    {
        $helpers = Helpers::named([new Helper('Ana', true), new Helper('Bo', false), new Helper('Cy', true)]);
        $rolled = ShippedDrills::get('charge-and-throw');
        $hit = ShippedDrills::get('slap-and-drag');
        $duties = $helpers->duties([$rolled, $hit], []);

        self::assertSame(['Bo'], $duties['charge-and-throw']);
        self::assertContains($duties['slap-and-drag'][0], ['Ana', 'Cy']);
        self::assertEquals($duties, $helpers->duties([$hit, $rolled], $duties));
        self::assertSame(['Cy'], $helpers->duties([$hit], ['slap-and-drag' => ['Cy']])['slap-and-drag']);
        self::assertCount(2, $helpers->duties([$rolled], [], ['charge-and-throw' => 1])['charge-and-throw']);
    }

    public function testADrillWithoutAPitcherNeedsAHelperWhoStandsIn(): void
    {
        $infield = array_map(static fn(int $number): RosterPlayer => Teams::player($number, $number), [3, 4, 5, 6]);
        $why = static fn(int $helpers, RosterPlayer ...$players): ?string => (new StationChoice(
            array_values($players),
            Helpers::of($helpers),
            Practices::SHED,
            FieldPart::Whole,
            Diamond::of(60, 43),
        ))->hindrance(ShippedDrills::get('slap-and-drag'));

        self::assertSame('needs a pitcher, or a helper who stands in', $why(1, ...$infield));
        self::assertNull($why(2, ...$infield));
        self::assertNull($why(1, Teams::player(1, 1), ...$infield));
    }

    public function testThrowsNeedANetAHelperOrOneMoreToReceive(): void
    {
        $why = static fn(int $nets, int $helpers, int $players): ?string => (new StationChoice(
            array_map(static fn(int $number): RosterPlayer => Teams::player($number, 4), range(1, $players)),
            Helpers::of($helpers),
            ['bucket of balls' => 1, 'net' => $nets],
            FieldPart::Whole,
            Diamond::of(60, 43),
        ))->hindrance(ShippedDrills::get('pivots-second'));

        self::assertSame('needs a net, a helper or a player more to receive', $why(0, 1, 1));
        self::assertNull($why(1, 1, 1));
        self::assertNull($why(0, 2, 1));
        self::assertNull($why(0, 1, 2));
    }

    public function testNobodyHelpsTwiceAtOnce(): void
    {
        $helpers = Helpers::of(3, 1);
        $drills = array_values(
            array_filter(
                ShippedDrills::all(),
                static fn(Drill $drill): bool => 1 === $drill->helpers && !$drill->isHit,
            ),
        );
        $duties = $helpers->duties(\array_slice($drills, 0, 3), []);

        self::assertCount(3, array_unique(array_merge(...array_values($duties))));
    }

    public function testMoreWhoHitThanHelp(): void
    {
        $this->expectExceptionMessage('helpers who hit: 3 is too large; allowed: 0 to 2 of those who help');
        Helpers::of(2, 3);
    }

    /**
     * @param list<RosterPlayer>|null $players
     * @param array<string, int>      $shed
     */
    private static function choice(
        FieldPart $part = FieldPart::Whole,
        ?array $players = null,
        ?Helpers $helpers = null,
        array $shed = Practices::SHED,
    ): StationChoice {
        return new StationChoice(
            $players ?? Teams::fifteen(),
            $helpers ?? Helpers::of(3),
            $shed,
            $part,
            Diamond::of(60, 43),
        );
    }
}
