<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play\Running;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\People\Traits;
use FoxCorner\Core\Play\Running\Leads;
use FoxCorner\Core\Play\Running\NamedRunner;
use FoxCorner\Core\Play\Running\StealCell;
use FoxCorner\Core\Play\Running\StealKind;
use FoxCorner\Core\Play\Running\StealRecord;
use FoxCorner\Core\Play\Running\StealTable;
use FoxCorner\Core\Play\Running\Thief;
use PHPUnit\Framework\TestCase;

/** Every battery against every runner, and what was counted of them. */
final class StealTableTest extends TestCase
{
    public function testEveryBatteryAgainstEveryRunnerButNobodyCatchesHisOwnPitch(): void
    {
        $both = self::player('b', [Position::Pitcher, Position::Catcher]);
        $table = self::table([self::player('a', [Position::Pitcher]), $both], [$both, self::player('c', [])]);

        self::assertCount(6, $table->cells, 'three batteries, two runners');
        $first = $table->cells[0];
        self::assertSame(['a', 'b', 'quick'], [$first->pitcher->id, $first->catcher->id, $first->runner->id]);
        self::assertCount(3, $table->against($first->runner));
        self::assertSame('slow', $table->cells[1]->runner->id);
        // Four tenths over 90 ft are so many over the 78 that are left.
        self::assertEqualsWithDelta((0.4 * 78) / 90, $table->cells[1]->margin - $first->margin, 0.005);
        self::assertGreaterThan($table->cells[1]->success + 0.3, $first->success);
    }

    public function testARowIsARunnerTheSurestAgainstTheBatteryFirst(): void
    {
        $both = self::player('b', [Position::Pitcher, Position::Catcher]);
        $table = self::table([self::player('a', [Position::Pitcher]), $both], [$both, self::player('c', [])]);

        self::assertSame(['a+b', 'a+c', 'b+c'], array_keys($table->batteries()));
        $rows = $table->rows('a+c');
        self::assertSame(['quick', 'slow'], array_map(static fn(array $row): string => $row[0]->runner->id, $rows));
        self::assertSame(
            ['a+b', 'a+c', 'b+c'],
            array_map(static fn(StealCell $cell): string => $cell->battery(), $rows[0]),
        );
        self::assertGreaterThan($rows[1][1]->success, $rows[0][1]->success);
    }

    public function testWhatWasCountedOfBothMovesTheChance(): void
    {
        [$pitcher, $catcher] = [self::player('a', [Position::Pitcher]), self::player('c', [Position::Catcher])];
        $plain = self::table([$pitcher], [$catcher])->cells[1];
        $both = StealRecord::of(10, 6)->and(StealRecord::of(10, 4));
        $counted = self::table(
            [$pitcher],
            [$catcher],
            [
                'a' => StealRecord::of(10, 6),
                'c' => StealRecord::of(10, 4),
            ],
        )->cells[1];

        self::assertSame(20, $both->attempts);
        self::assertSame($plain->margin, $counted->margin, 'the clock stays');
        self::assertEqualsWithDelta($both->success($plain->success, 0.75), $counted->success, 1e-12);
        self::assertLessThan($plain->success - 0.05, $counted->success);
        $none = self::table([$pitcher], [$catcher], ['a' => StealRecord::none()])->cells[1];
        self::assertSame($plain->success, $none->success);
    }

    /** By hand: ten of twenty caught, and twenty ordinary ones of which five are, make 15 of 40. */
    public function testARecordIsBlendedAsOdds(): void
    {
        $record = StealRecord::of(20, 10);

        self::assertEqualsWithDelta(0.5, $record->share(), 1e-12);
        // ln(.6/.4) - (ln(.375/.625) - ln(.25/.75)) = -0.1823
        self::assertEqualsWithDelta(0.45454, $record->success(0.6, 0.75), 1e-4);
        self::assertEqualsWithDelta(0.6, StealRecord::of(20, 5)->success(0.6, 0.75), 1e-9, 'ordinary: nothing moves');
        self::assertGreaterThan(0.6, StealRecord::of(20, 0)->success(0.6, 0.75));
        self::assertLessThan(1.0, $record->success(1.0, 0.75), 'nothing is certain');
    }

    public function testLeadsByBaseAndRule(): void
    {
        $rules = ShippedRuleSets::get('baseball-90');
        $leads = array_map(static fn(Base $base): float => Leads::usual($base, $rules), Base::cases());

        self::assertEqualsWithDelta([12.0, 18.0, 10.0, 0.0], $leads, 1e-9);
        self::assertEqualsWithDelta(18.0, Leads::secondary(12.0, $rules), 1e-9);
        self::assertEqualsWithDelta(9.0, Leads::secondary(0.0, ShippedRuleSets::get('fastpitch-43')), 1e-9);
        self::assertEqualsWithDelta(5.0, Leads::secondary(0.0, ShippedRuleSets::get('baseball-60')), 1e-9);
        self::assertSame(0.0, Leads::usual(Base::First, ShippedRuleSets::get('baseball-60')));
        self::assertEqualsWithDelta(14.0, Leads::held(Base::Second, $rules), 1e-9, 'somebody is near the bag');
        self::assertEqualsWithDelta(12.0, Leads::held(Base::First, $rules), 1e-9);
        self::assertSame(0.0, Leads::held(Base::Second, ShippedRuleSets::get('baseball-60')));
    }

    /**
     * @param list<RosterPlayer>         $pitchers
     * @param list<RosterPlayer>         $catchers
     * @param array<string, StealRecord> $records
     */
    private static function table(array $pitchers, array $catchers, array $records = []): StealTable
    {
        $rules = ShippedRuleSets::get('baseball-90');
        $level = Level::HighSchool->profile();
        $runner = static fn(string $id, float $time): NamedRunner => new NamedRunner(
            $id,
            $id,
            Thief::of($rules, $level, $time),
            $time,
        );

        return StealTable::of(
            $pitchers,
            $catchers,
            [$runner('quick', 4.2), $runner('slow', 4.6)],
            Base::Second,
            StealKind::Straight,
            12.0,
            $rules,
            $level,
            $records,
        );
    }

    /** @param list<Position> $plays */
    private static function player(string $id, array $plays): RosterPlayer
    {
        return new RosterPlayer($id, $id, '1', $plays, Traits::of(Hand::Right, Bats::Right, timeToPlate: 1.35));
    }
}
