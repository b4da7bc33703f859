<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\CoverageReports;
use FoxCorner\App\Plan\KnownMarks;
use FoxCorner\App\Plan\PlanAudits;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Plan\RunTables;
use FoxCorner\App\Shared\Kept\Figures;
use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Alignment\KeptSpot;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Audit\OpenFinding;
use FoxCorner\Core\Plan\Audit\PlanAudit;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Contract\PlayFamilies;
use Symfony\Component\Cache\Adapter\ArrayAdapter;

/** A whole plan looked over: a few plays at each look, kept when it is whole; after an edit only what it changes. */
final class PlanAuditsTest extends AppTestCase
{
    private ArrayAdapter $kept;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kept = new ArrayAdapter();
    }

    public function testEachLookGoesALittleFurtherAndAnEditChangesOnlyWhatItTouches(): void
    {
        $looks = $last = 0;
        do {
            $audit = $this->audits()->of($this->team());
            self::assertGreaterThanOrEqual($last, \count($audit->plays));
            self::assertLessThanOrEqual($last + 16, \count($audit->plays));
            [$last, $looks] = [\count($audit->plays), $looks + 1];
        } while (!$audit->isWhole());
        self::assertGreaterThan(100, $last);
        self::assertSame((int) ceil($last / 16), $looks);
        self::assertSame(1, $this->keptOf('PlanAudit'));
        self::assertSame($last, $this->keptOf('KeptReport'));
        self::assertEquals($audit, $this->audits()->whole($this->team()));

        $rows = $this->entities()->getConnection();
        $rows->executeStatement("UPDATE player SET name = 'Heron' WHERE name = 'Oyelaran'");
        $this->entities()->clear();
        $renamed = $this->audits()->of($this->team());
        self::assertTrue($renamed->isWhole());
        self::assertSame($last, $this->keptOf('KeptReport'), 'a name is no figure');
        self::assertSame(str_replace('Oyelaran', 'Heron', self::said($audit)), self::said($renamed));
        self::assertStringContainsString('Heron', self::said($renamed));

        $member = $this->entities()
            ->getRepository(Membership::class)
            ->findOneBy(['team' => $this->team(), 'account' => $this->signIn()]);
        self::assertNotNull($member);
        $this->drafts()->change(
            $member,
            'moved',
            static fn(PlanBook $book): PlanBook => $book->withKept(
                Situation::fromKey('R1-0'),
                new KeptSpot(Position::Shortstop, NamedDepth::DoublePlay, Point::of(-31.0, 92.0), 'Wren'),
            ),
        );
        $moved = $this->audits()->of($this->team());
        self::assertTrue($moved->isWhole());
        $here = \count($moved->playsIn(Situation::fromKey('R1-0')));
        self::assertGreaterThan(4, $here);
        self::assertLessThanOrEqual($last + $here, $this->keptOf('KeptReport'));
        self::assertGreaterThan($last, $this->keptOf('KeptReport'));
        self::assertSame(2, $this->keptOf('PlanAudit'));
    }

    public function testWithoutNineThereIsNothingToLookOver(): void
    {
        $team = $this->newTeam($this->signIn());

        self::assertEquals(PlanAudit::none(), $this->audits()->of($team));
        self::assertSame([], $this->audits()->plays($team));
    }

    private static function said(PlanAudit $audit): string
    {
        return implode(
            "\n",
            array_map(
                static fn(OpenFinding $open): string => $open->finding->title . $open->finding->measure,
                OpenFinding::in($audit),
            ),
        );
    }

    private function keptOf(string $kind): int
    {
        return \count(
            array_filter(
                array_keys($this->kept->getValues()),
                static fn(string $key): bool => str_starts_with($key, "$kind-"),
            ),
        );
    }

    private function audits(): PlanAudits
    {
        $figures = new Figures($this->kept, $this->entities()->getConnection());

        return new PlanAudits(
            self::getContainer()->get(PlanReader::class),
            self::getContainer()->get(RunTables::class),
            new CoverageReports($figures, new KnownMarks()),
            $figures,
            self::getContainer()->get(PlayFamilies::class),
        );
    }
}
