<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Segment;
use FoxCorner\Core\Practice\Ground\Ground;
use FoxCorner\Core\Practice\Station\Diagnosis;
use FoxCorner\Core\Practice\Station\Station;
use FoxCorner\Core\Practice\Station\StationNeed;
use FoxCorner\Core\Practice\Station\StationPlayer;
use FoxCorner\Core\Practice\Station\StationProblem;
use FoxCorner\Core\Practice\Station\StationSolver;
use FoxCorner\Core\Problem\Problem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What cannot be solved, why, and the ways out. */
final class StationImpossibleTest extends TestCase
{
    use StationProblems;

    public function testWhatBindsIsNamedAndTheWaysOutAreTried(): void
    {
        $stations = [
            self::station('net', [3], equipment: ['net' => 2]),
            self::station('two', [4], helpers: 3),
            self::station('many', [6], min: 5, max: 8),
            self::station('short', [7], seconds: 60),
        ];
        $needs = [
            new StationNeed('a', 3, 'net', 10, 1.0),
            new StationNeed('b', 4, 'two', 10, 1.0),
            new StationNeed('c', 6, 'many', 10, 1.0),
            new StationNeed('d', 7, 'short', 100, 1.0),
            new StationNeed('e', 9, 'short', 5, 1.0),
            new StationNeed('f', 8, 'short', 5, 1.0),
        ];
        $plan = StationSolver::solve(
            new StationProblem(
                [new StationPlayer('x', [3, 4], null), new StationPlayer('y', [6, 7], null)],
                $stations,
                $needs,
                1,
                ['net' => 1],
                1,
                8.0,
            ),
        );

        self::assertSame(
            [
                'a' => 'The station needs 2 of “net”; there are 1.',
                'b' => 'The station needs 3 helpers; there is 1.',
                'c' => 'The station needs 5 players, and 1 who come can work there.',
                'd' => 'The minutes: other needs weigh more.',
                'e' => 'The station does not serve position 9.',
                'f' => 'The station does not serve position 8.',
            ],
            Diagnosis::why($plan),
        );
        self::assertSame(['one more: net', 'another round of 8 minutes'], array_keys(Diagnosis::waysOut($plan, 1)));
    }

    /**
     * Each cause by itself: without it the need could be met.
     *
     * @param non-empty-string    $words
     * @param list<StationPlayer> $players
     * @param list<Station>       $stations
     */
    #[DataProvider('causes')]
    public function testTheTrueCauseIsNamed(string $words, array $players, array $stations, int $helpers = 2): void
    {
        $plan = StationSolver::solve(
            new StationProblem(
                $players,
                $stations,
                [
                    new StationNeed('short', 3, $stations[0]->id, 200, 1.0),
                    ...isset($stations[1]) ? [new StationNeed('other', 7, $stations[1]->id, 200, 5.0)] : [],
                ],
                $helpers,
                ['net' => 1],
                1,
                8.0,
            ),
        );

        self::assertStringStartsWith($words, Diagnosis::why($plan)['short']);
    }

    /** @return iterable<string, array{0: non-empty-string, 1: list<StationPlayer>, 2: list<Station>, 3?: int}> */
    public static function causes(): iterable
    {
        $first = new StationPlayer('first', [3], null);
        $left = new StationPlayer('left', [7], null);
        $lane = static fn(float $ax, float $ay, float $bx, float $by): Ground => new Ground(
            [],
            [],
            [Segment::of(Point::of($ax, $ay), Point::of($bx, $by))],
        );
        yield 'sore arm' => [
            'Nobody who plays 3 may throw tonight.',
            [new StationPlayer('first', [3], 0)],
            [self::station('a', [3], throws: 1)],
        ];
        yield 'sore arm, and only tosses' => [
            'Nobody who plays 3 may throw tonight.',
            [new StationPlayer('first', [3], 0, false)],
            [self::station('a', [3], tosses: true)],
        ];
        yield 'throws left' => [
            'Throws: the arms that play 3 have had theirs.',
            [new StationPlayer('first', [3], 2)],
            [self::station('a', [3], throws: 1)],
        ];
        yield 'a repetition longer than a round' => [
            'One repetition of 1 takes longer than a round of 8 minutes.',
            [$first],
            [self::station('a', [3], seconds: 500)],
        ];
        yield 'one helper' => [
            'The one helper is at another station.',
            [$first, $left],
            [self::station('a', [3], helpers: 1), self::station('b', [7], helpers: 1)],
            1,
        ];
        yield 'one net' => [
            '“net”: there is 1, in use elsewhere.',
            [$first, $left],
            [self::station('a', [3], equipment: ['net' => 1]), self::station('b', [7], equipment: ['net' => 1])],
        ];
        yield 'lanes that cross' => [
            'Beside “b” there would be throws that cross.',
            [$first, $left],
            [
                self::station('a', [3], ground: $lane(-50, 50, 50, 50)),
                self::station('b', [7], ground: $lane(0, 0, 0, 100)),
            ],
        ];
        yield 'and only then the minutes' => [
            'The minutes: other needs weigh more.',
            [$first],
            [self::station('a', [3])],
        ];
    }

    public function testWhatBindsIsAskedOverEveryStationThatGivesIt(): void
    {
        // First base works at his other need all evening; the helper is where left field has his.
        $why = static function (StationNeed $short, int $throws): string {
            $stations = [
                self::station('bag', [3], helpers: 1),
                self::station('wall', [3]),
                self::station('net', [3], max: 1, seconds: 60, throws: 1),
                self::station('own', [3]),
                self::station('pairs', [7], helpers: 1),
            ];
            $needs = [
                $short,
                new StationNeed('own', 3, 'own', 90, 900.0, [90]),
                new StationNeed('other', 7, 'pairs', 90, 900.0, [1 => 90]),
            ];
            $players = [new StationPlayer('first', [3], $throws), new StationPlayer('left', [7], null)];

            return Diagnosis::why(
                StationSolver::solve(new StationProblem($players, $stations, $needs, 1, [], 3, 8.0), 1),
            )['short'];
        };

        self::assertSame(
            'The one helper is at another station.',
            $why(new StationNeed('short', 3, 'bag', 60, 30.0, [60]), 30),
        );
        self::assertSame(
            'The minutes: other needs weigh more.',
            $why(new StationNeed('short', 3, 'bag', 60, 30.0, [60], ['wall' => [3]]), 30),
            'the wall needs no helper',
        );
        self::assertSame(
            'The minutes: other needs weigh more.',
            $why(new StationNeed('short', 3, 'net', 60, 30.0, [60]), 8),
            'his arm has a turn left',
        );
        self::assertSame(
            'Throws: the arms that play 3 have had theirs.',
            $why(new StationNeed('short', 3, 'net', 60, 30.0, [60]), 7),
        );
    }

    /** @param \Closure(): mixed $make */
    #[DataProvider('impossible')]
    public function testWhatCannotBeAsked(\Closure $make, string $words): void
    {
        $this->expectException(Problem::class);
        $this->expectExceptionMessage($words);
        $make();
    }

    /** @return iterable<string, array{\Closure(): mixed, string}> */
    public static function impossible(): iterable
    {
        $player = new StationPlayer('a', [3], null);
        yield 'nobody comes' => [
            static fn(): mixed => new StationProblem([], [], [], 1, [], 1, 8.0),
            'players: nobody comes',
        ];
        yield 'no minutes' => [
            static fn(): mixed => new StationProblem([$player], [], [], 1, [], 0, 8.0),
            'minutes: not one round fits',
        ];
        yield 'smallest above largest' => [
            static fn(): mixed => self::station('s', [3], min: 4, max: 2),
            'station s: it needs 4 players and takes 2',
        ];
        yield 'twice the same' => [
            static fn(): mixed => new StationProblem([$player, $player], [], [], 1, [], 1, 8.0),
            'players: "a" is there 2 times',
        ];
        yield 'a need of no station' => [
            static fn(): mixed => new StationProblem(
                [$player],
                [],
                [new StationNeed('n', 3, 'moon', 1, 1.0)],
                1,
                [],
                1,
                8.0,
            ),
            'need n, station: "moon" is not known',
        ];
    }
}
