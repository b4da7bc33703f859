<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App\Run;

use FoxCorner\App\Practice\Need\PracticeHistory;
use FoxCorner\App\Practice\Sheet\SheetPlayer;
use FoxCorner\App\Practice\Sheet\SheetStation;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Practice\Need\Taught;
use FoxCorner\Core\Skill\SkillFamily;

/** What somebody has missed of a practice is still his need. */
final class MissedTest extends RunTestCase
{
    public function testWhoCameLateAndWhoWentEarlyHasNotHadWhatHeMissed(): void
    {
        [$late, $early, $whole] = array_merge(
            ...array_map(static fn(SheetStation $one): array => $one->players, $this->sheet()->rounds()[0]->stations),
        );
        /** @var array{blocks: list<array{kind: string, ...}>} $document */
        $document = json_decode($this->practice()->sheet(), true);
        $rounds = array_keys(
            array_filter($document['blocks'], static fn(array $one): bool => 'round' === $one['kind']),
        );
        $away = static fn(SheetPlayer $one): array => [
            'id' => $one->id,
            'number' => $one->number,
            'name' => $one->name,
            'position' => $one->position,
        ];
        $document['blocks'][$rounds[0]]['away'] = [$away($late)];
        $document['blocks'][end($rounds)]['away'] = [$away($early)];
        $this->practice()->arrange($this->practice()->setup(), (string) json_encode($document));
        $had = fn(string $player, array $families): int => \count(
            array_filter(
                self::getContainer()
                    ->get(PracticeHistory::class)
                    ->taught($this->team(), self::now('+30 days'), [$this->practice()]),
                static fn(Taught $one): bool => $player === $one->player &&
                    \in_array(ShippedDrills::all()[$one->drill]->family, $families, true),
            ),
        );
        [$daily, $team] = [[SkillFamily::Daily], [SkillFamily::Team]];

        self::assertSame(0, $had($late->id, $daily), 'the daily core was before his first round');
        self::assertGreaterThan(2, $had($early->id, $daily));
        self::assertSame(0, $had($early->id, $team), 'team defence is after his last');
        self::assertSame($had($late->id, $team), $had($whole->id, $team));
        self::assertGreaterThan(0, $had($whole->id, $team));
    }
}
