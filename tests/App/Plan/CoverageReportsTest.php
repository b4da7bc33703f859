<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App\Plan;

use Doctrine\DBAL\Connection;
use FoxCorner\App\Plan\CoverageReports;
use FoxCorner\App\Plan\KnownMarks;
use FoxCorner\App\Shared\Kept\Figures;
use FoxCorner\Core\Family\Bunt\BuntFamily;
use FoxCorner\Core\Family\Bunt\BuntTrial;
use FoxCorner\Core\Family\GroundBall\GroundBallFamily;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\FamilyPlan;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Choice\OutLines;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Cache\Adapter\ArrayAdapter;

/** A kept report is never another play's. */
final class CoverageReportsTest extends TestCase
{
    public function testWhateverDiffersIsReportedOnItsOwn(): void
    {
        $kept = new ArrayAdapter();
        $database = self::createStub(Connection::class);
        $database->method('transactional')->willReturnCallback(static fn(callable $what): mixed => $what());
        $figures = new Figures($kept, $database);
        $cost = Teams::cost(Level::Fastpitch16);
        foreach (self::plays() as $what => $play) {
            $before = \count($kept->getValues());
            $report = (new CoverageReports($figures, new KnownMarks()))->chosen($play, $cost);
            self::assertCount($before + 1, $kept->getValues(), $what);
            self::assertEquals($play->report($cost), $report, $what);
        }
        $before = \count($kept->getValues());
        $reports = new CoverageReports($figures, new KnownMarks());
        $reports->chosen(Teams::bunt(), Teams::cost());
        self::assertCount($before + 1, $kept->getValues(), 'other costs');
        $reports->chosen(Teams::bunt());
        self::assertCount($before + 2, $kept->getValues(), 'no costs');
        foreach (self::plays() as $play) {
            $reports->chosen($play, $cost);
        }
        $reports->chosen(Teams::bunt(), Teams::cost());
        self::assertCount($before + 2, $kept->getValues(), 'all of these are known, though every part was made anew');
    }

    /** @return iterable<string, PlannedPlay> each other than the first by one thing */
    private static function plays(): iterable
    {
        $bunt = new BuntFamily();
        $book = PlanBook::shipped(Teams::state()->rules);
        $limited = [Teams::with(Teams::nine()[0], limit: Limit::NoThrowing), ...\array_slice(Teams::nine(), 1)];
        $sheet = (new FamilyPlan())->withSheet([BuntTrial::restingAt(40.0, 10.0, Teams::state()->rules)]);
        yield 'the first' => Teams::bunt();
        yield 'situation' => Teams::bunt(Teams::state(situation: 'R1-1'));
        yield 'level' => Teams::bunt(level: Level::FastpitchCollege);
        yield 'players' => Teams::bunt(roster: $limited);
        yield 'coverage' => Teams::bunt(coverage: 'first-stays');
        yield 'policy' => Teams::bunt()->wanting(OutPolicy::Lead);
        yield 'family' => PlannedPlay::of(Teams::plan(), new GroundBallFamily(), $book);
        yield 'lines' => PlannedPlay::of(Teams::plan(), $bunt, $book->withLines(new OutLines(0.6, 0.1)));
        yield 'sheet' => PlannedPlay::of(Teams::plan(), $bunt, $book->withPlays($bunt->key(), $sheet));
        yield 'where they stand' => PlannedPlay::of(
            SituationPlan::of(Teams::state(), Level::Fastpitch16->profile(), Lineup::choose(Teams::nine()), $book, [
                5 => Point::of(-30.0, 60.0),
            ]),
            $bunt,
            $book,
        );
    }
}
