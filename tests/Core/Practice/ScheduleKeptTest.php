<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Drill\Receiver;
use FoxCorner\Core\Practice\Schedule\KeptTurn;
use FoxCorner\Core\Practice\Schedule\Schedule;
use FoxCorner\Core\Practice\Schedule\Scheduler;
use FoxCorner\Core\Practice\Time\Turn;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;

/** What stays when a schedule is solved again, and who is spared. */
final class ScheduleKeptTest extends TestCase
{
    use SchedulesSolved;

    public function testAKeptGroupKeepsWhoReceives(): void
    {
        $first = self::pivots(0, 1, 2);
        $kept = self::kept(0, $first->rounds[0]->turns);
        $again = self::pivots(1, 1, 2, $kept);

        self::assertSame(Receiver::Player, $again->rounds[0]->turns[0]->receiver);
        self::assertSame(Receiver::Net, $again->rounds[1]->turns[0]->receiver, 'the net has come');
    }

    public function testLockedGroupsStayAndTheRestIsSolvedAroundThem(): void
    {
        $first = Scheduler::solve(Practices::request(Teams::fifteen()));
        $locked = array_values($first->rounds[1]->stations())[0];
        $kept = self::kept(1, $locked);
        $again = Scheduler::solve(Practices::request(Teams::fifteen(), kept: $kept, seed: 9));

        self::assertEquals($locked, $again->rounds[1]->stations()[$locked[0]->drill->key]);
    }

    public function testWhoIsLateWaitsNowhereAndWhatWasDoneStays(): void
    {
        $first = Scheduler::solve(Practices::request(Teams::fifteen()));
        $done = self::kept(0, $first->rounds[0]->turns);
        $gone = array_map(
            static fn(int $round): KeptTurn => new KeptTurn($round, 'id-4', null, null, true),
            range(1, \count($first->rounds) - 1),
        );
        $again = Scheduler::solve(Practices::request(Teams::fifteen(), kept: [...$done, ...$gone]));

        self::assertEquals($first->rounds[0]->stations(), $again->rounds[0]->stations());
        foreach (\array_slice($again->rounds, 1) as $round) {
            self::assertSame(['id-4'], array_map(static fn(RosterPlayer $player): string => $player->id, $round->away));
            self::assertNotContains(
                'id-4',
                array_map(static fn(Turn $turn): string => $turn->player->id, $round->turns),
            );
        }
    }

    public function testNoArmThrowsMoreThanWeWouldMindAndASoftOneNotAtAll(): void
    {
        $players = array_map(
            static fn(RosterPlayer $player): RosterPlayer => 'id-4' === $player->id
                ? Teams::with($player, limit: Limit::SoftThrowing)
                : $player,
            Teams::fifteen(),
        );
        $thrown = ['id-1' => 0];
        foreach (Scheduler::solve(Practices::request($players, 4, 120))->rounds as $round) {
            foreach ($round->turns as $turn) {
                $thrown[$turn->player->id] =
                    ($thrown[$turn->player->id] ?? 0) + $turn->reps * $turn->drill->throwsPerRep;
            }
        }

        self::assertLessThanOrEqual(75, max($thrown), 'an older arm in one practice');
        self::assertSame(0, $thrown['id-4'] ?? 0);
    }

    /**
     * @param list<Turn> $turns
     *
     * @return list<KeptTurn> the same in that round
     */
    private static function kept(int $round, array $turns): array
    {
        return array_map(
            static fn(Turn $turn): KeptTurn => new KeptTurn(
                $round,
                $turn->player->id,
                $turn->drill->key,
                $turn->position,
                false,
                $turn->receiver,
            ),
            $turns,
        );
    }
}
