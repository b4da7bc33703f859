<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\People\Traits;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Practice\Floor\Floors;
use FoxCorner\Core\Practice\Floor\FloorTable;
use FoxCorner\Core\Practice\Floor\Week;
use FoxCorner\Core\Practice\Floor\Work;
use FoxCorner\Core\Practice\Need\FloorMet;
use FoxCorner\Core\Practice\Need\Taught;
use FoxCorner\Core\Skill\Skill;
use PHPUnit\Framework\TestCase;

/** What each player should have in a week. */
final class FloorTest extends TestCase
{
    public function testAShortstopOfEachAge(): void
    {
        $floors = static fn(AgeGroup $age): array => Floors::of(self::player(6), new Week($age, 90))[6];

        self::assertSame(
            ['fielded' => 50, 'feeds' => 20, 'pivots' => 20, 'jobs' => 10, 'rundowns' => 2],
            $floors(AgeGroup::Older),
        );
        self::assertSame(
            ['fielded' => 40, 'feeds' => 16, 'pivots' => 14, 'jobs' => 8, 'rundowns' => 2],
            $floors(AgeGroup::Youth),
        );
        self::assertSame(
            ['fielded' => 24, 'feeds' => 8, 'pivots' => 6, 'jobs' => 4, 'rundowns' => 1],
            $floors(AgeGroup::Child),
        );
    }

    public function testTheCoachsOwnFiguresStandInTheTable(): void
    {
        $table = FloorTable::of(AgeGroup::Older)
            ->with(Position::Shortstop, Work::Fielded, ' 60 ')
            ->with(Position::Shortstop, Work::Feeds, '0')
            ->with(Position::Shortstop, Work::Jobs, '14');
        $week = new Week(AgeGroup::Older, 90, floors: $table);

        self::assertSame(
            ['fielded' => 60, 'pivots' => 20, 'jobs' => 14, 'rundowns' => 2],
            Floors::of(self::player(6), $week)[6],
            'none is none',
        );
        self::assertSame(['fielded' => 30, 'pivots' => 10], Floors::of(self::player(5, 6), $week)[6]);
        self::assertSame(20.0, $table->with(Position::Shortstop, Work::Feeds, '')->asked(Position::Shortstop)['feeds']);
    }

    public function testShorterPracticesAndAnotherNumberOfThem(): void
    {
        $six = self::player(6);

        self::assertSame(25, Floors::of($six, new Week(AgeGroup::Older, 45))[6]['fielded']);
        self::assertSame(34, Floors::of($six, new Week(AgeGroup::Older, 60))[6]['fielded'], '33.3 is rounded up');
        self::assertSame(24, Floors::of($six, new Week(AgeGroup::Child, 110))[6]['fielded'], 'never more than all');
        self::assertSame(
            20,
            Floors::of($six, new Week(AgeGroup::Child, 60))[6]['fielded'],
            'children’s last 75 minutes',
        );
        self::assertSame(25, Floors::of($six, new Week(AgeGroup::Older, 90, 1))[6]['fielded']);
        self::assertSame(75, Floors::of($six, new Week(AgeGroup::Older, 90, 3))[6]['fielded']);
    }

    public function testASecondPositionHasHalfAndAThirdNone(): void
    {
        $floors = Floors::of(self::player(6, 4, 2), new Week(AgeGroup::Older, 90));

        self::assertSame(['fielded' => 25, 'feeds' => 10, 'pivots' => 10], $floors[4]);
        self::assertSame([6, 4], array_keys($floors));
    }

    public function testALimitTakesThrowsAndHalfOfWhatIsFielded(): void
    {
        $limited = static fn(int $number, Limit $limit): array => Floors::of(
            self::player($number)->limitedTo($limit),
            new Week(AgeGroup::Older, 90),
        );

        self::assertSame(['held' => 25, 'jobs' => 10], $limited(5, Limit::SoftThrowing)[5], 'no bunts');
        self::assertSame(
            ['held' => 25, 'feeds' => 20, 'pivots' => 20, 'jobs' => 10],
            $limited(4, Limit::SoftThrowing)[4],
            'who throws softly still feeds',
        );
        self::assertSame(['held' => 25, 'jobs' => 10], $limited(4, Limit::NoThrowing)[4]);
        self::assertArrayNotHasKey('cutoffs', $limited(8, Limit::NoThrowing)[8]);
        self::assertSame([], $limited(6, Limit::NoRunning));
    }

    public function testOfAWeekWhatEachHadWhereverHeHadIt(): void
    {
        $six = self::player(6, 4);
        $taught = [
            new Taught('id', 'threes-field-and-throw', Position::Shortstop, 16, 1.0),
            new Taught('id', 'threes-field-and-throw', Position::SecondBase, 9, 3.0),
            new Taught('id', 'fours-feed-and-pivot', Position::Shortstop, 30, 3.0),
            new Taught('other', 'threes-field-and-throw', Position::Shortstop, 40, 1.0),
        ];
        $met = FloorMet::all([$six], new Week(AgeGroup::Older, 90), $taught, ShippedDrills::all());
        $shares = array_column(
            array_map(static fn(FloorMet $one): array => [$one->work->value, $one->share()], $met),
            1,
            0,
        );

        self::assertSame(['fielded', 'feeds', 'pivots', 'jobs', 'rundowns'], array_keys($shares));
        self::assertSame([0.5, 1.0, 1.0, 0.0], \array_slice(array_values($shares), 0, 4));
    }

    public function testAHallHasNoFlies(): void
    {
        $floors = Floors::of(self::player(8), new Week(AgeGroup::Older, 90, isIndoors: true));

        self::assertSame(['jobs' => 10], $floors[8]);
        self::assertSame(
            ['blocks' => 20, 'bunts' => 6, 'jobs' => 10, 'rundowns' => 2],
            Floors::of(self::player(2), new Week(AgeGroup::Older, 90, isIndoors: true))[2],
        );
    }

    /** Whatever has a floor is given by a drill that needs no grown-up, or is done every day. */
    public function testEveryFloorCanBeMet(): void
    {
        $given = [];
        foreach (ShippedDrills::all() as $drill) {
            foreach ($drill->serves as $number => $skills) {
                foreach ($skills as $skill) {
                    $work = Work::of(Position::from($number), $skill);
                    $given[$number . ($work->value ?? '')] = true;
                }
            }
        }
        foreach (range(1, 9) as $number) {
            foreach (Floors::of(self::player($number), new Week(AgeGroup::Older, 90))[$number] as $work => $reps) {
                self::assertGreaterThan(0, $reps);
                self::assertTrue(
                    isset($given[$number . $work]) || \in_array($work, ['jobs', 'rundowns'], true),
                    "$work of $number",
                );
            }
        }
    }

    public function testWhatARepetitionIs(): void
    {
        self::assertSame(Work::Fielded, Work::of(Position::Shortstop, Skill::GroundBall));
        self::assertSame(Work::CatcherThrows, Work::of(Position::Catcher, Skill::ThrowToSecond));
        self::assertSame(
            [Work::Fielded, Work::Held, Work::ShortHops],
            Work::given(Position::FirstBase, [Skill::GroundBall, Skill::SlowRoller, Skill::ShortHopsAtFirst]),
            'each once, and what is thrown was held',
        );
        self::assertSame([Work::Held], Work::given(Position::Shortstop, [Skill::ReadHops]));
        self::assertNull(Work::of(Position::Shortstop, Skill::ThrowBehind));
        self::assertNull(Work::of(Position::Shortstop, Skill::Catch));
    }

    private static function player(int ...$positions): RosterPlayer
    {
        return new RosterPlayer(
            'id',
            'Player',
            '1',
            array_map(Position::ofNumber(...), array_values($positions)),
            Traits::unknown(),
        );
    }
}
