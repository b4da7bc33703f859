<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Plan\CoverageReports;
use FoxCorner\App\Plan\KnownMarks;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Plan\RangeSummaries;
use FoxCorner\App\Plan\RunTables;
use FoxCorner\App\Shared\Kept\Figures;
use FoxCorner\Core\Family\Bunt\BuntFamily;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Plan\Audit\AuditedFinding;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\SituationPlan;
use Symfony\Component\Cache\Adapter\ArrayAdapter;

/** What pages keep of what they have reckoned: by all that it depends on, which a name is not. */
final class KeptFiguresTest extends AppTestCase
{
    public function testANewNameCostsNothingAndIsSaid(): void
    {
        $this->signIn();
        $cache = new ArrayAdapter();
        $before = $this->words($cache);
        $kept = \count($cache->getValues());
        self::assertGreaterThan(1, $kept);
        self::assertStringContainsString('Oyelaran', $before);
        self::assertDoesNotMatchRegularExpression('/[\x{e000}-\x{e0ff}]/u', $before);
        $this->entities()
            ->getConnection()
            ->executeStatement("UPDATE player SET name = 'Heron' WHERE name = 'Oyelaran'");
        $this->entities()->clear();
        $after = $this->words($cache);

        self::assertSame(str_replace('Oyelaran', 'Heron', $before), $after);
        self::assertCount($kept, $cache->getValues());
        $this->entities()->getConnection()->executeStatement("UPDATE player SET arm = 30 WHERE name = 'Heron'");
        $this->entities()->clear();
        $this->words($cache);
        self::assertGreaterThan($kept, \count($cache->getValues()), 'an arm is no name');
    }

    public function testWithNamesAndWithoutTheFiguresAreTheSame(): void
    {
        $this->signIn();
        $plan = $this->plan();
        $play = $this->play($plan);
        $cost = self::getContainer()->get(RunTables::class)->cost($this->team(), Context::ordinary());

        self::assertEquals(
            $play->report($cost),
            $play->standing($plan->unnamed())->report($cost)->named($plan->lineup),
        );
        self::assertEquals($plan->range($cost)->summary, $plan->unnamed()->range($cost)->summary);
    }

    /** All that a report and a summary say, in words. */
    private function words(ArrayAdapter $cache): string
    {
        $plan = $this->plan();
        $marks = new KnownMarks();
        $figures = new Figures($cache, $this->entities()->getConnection());
        $cost = self::getContainer()->get(RunTables::class)->cost($this->team(), Context::ordinary());
        $report = (new CoverageReports($figures, $marks))->chosen($this->play($plan), $cost);
        (new RangeSummaries($figures, $marks))->of($plan, $cost);
        $said = static fn(AuditedFinding $one): string => implode(' ', [
            $one->worst->title,
            $one->worst->measure,
            $one->mendWords(),
        ]);

        return implode("\n", array_map($said, [...$report->findings, ...$report->prices])) . $report->outs;
    }

    private function plan(): SituationPlan
    {
        return self::getContainer()
            ->get(PlanReader::class)
            ->read($this->team(), Situation::fromKey('R1R2-0'), Context::ordinary())->plan;
    }

    private function play(SituationPlan $plan): PlannedPlay
    {
        return PlannedPlay::of($plan, new BuntFamily(), $this->drafts()->of($this->team()), 'third-reads');
    }
}
