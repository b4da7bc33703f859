<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Plan;

use FoxCorner\Core\Family\Bunt\BuntFamily;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\Plan\Audit\CoverageReport;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A bag that nobody can reach is a fault however seldom they bunt. */
final class RareFaultsTest extends TestCase
{
    /** @param array<int, array{float, float}> $moved ft, by position number */
    #[DataProvider('planted')]
    public function testABagThatNobodyReachesIsFound(Level $level, string $situation, array $moved): void
    {
        $usual = self::report($level, $situation, []);
        $report = self::report($level, $situation, $moved);
        $found = array_map(static fn($one): string => $one->worst->identity(), $report->findings);

        self::assertSame([], $usual->findings, 'where the rules put them nobody is at fault');
        if ($usual->outs - $report->outs > 0.1) {
            self::assertNotSame([], $found, \sprintf('outs %.2f, then %.2f', $usual->outs, $report->outs));
        }
    }

    /** @return iterable<string, array{Level, string, array<int, array{float, float}>}> */
    public static function planted(): iterable
    {
        foreach (Level::cases() as $level) {
            foreach (['R1-0', 'none-0', 'R2-0', 'R1R2-0'] as $situation) {
                foreach ([4 => [-60.0, 220.0], 3 => [120.0, 180.0], 6 => [-120.0, 230.0]] as $number => $at) {
                    yield "$level->value $situation, $number far off" => [$level, $situation, [$number => $at]];
                }
            }
        }
    }

    public function testTheSecondBasemanWhoIsAtShortCostsFirst(): void
    {
        $usual = self::report(Level::Pro, 'R1-0', []);
        $report = self::report(Level::Pro, 'R1-0', [4 => [-60.0, 220.0]]);

        self::assertEqualsWithDelta(0.88, $usual->outs, 0.02);
        self::assertLessThan(0.5, $report->outs);
        self::assertSame('cover-late/4/1', $report->findings[0]->worst->identity());
        self::assertGreaterThan(0.3, $report->findings[0]->worst->weight);
    }

    /** @param array<int, array{float, float}> $moved */
    private static function report(Level $level, string $situation, array $moved): CoverageReport
    {
        $state = Teams::state($level->usualRules(), $situation);
        $book = PlanBook::shipped($state->rules);
        $tried = array_map(static fn(array $at): Point => Point::of(...$at), $moved);
        $plan = SituationPlan::of($state, $level->profile(), Lineup::choose(Teams::nine()), $book, $tried);

        return PlannedPlay::of($plan, new BuntFamily(), $book)->report(Teams::cost($level));
    }
}
