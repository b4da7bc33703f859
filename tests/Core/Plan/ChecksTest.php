<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Plan;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\People\Traits;
use FoxCorner\Core\Plan\Audit\AuditedFinding;
use FoxCorner\Core\Plan\Audit\CoverageReport;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Check\Moment;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\CoverageLine;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;

/** Every kind of fault is found where it is, with its figure, and not where it is not. */
final class ChecksTest extends TestCase
{
    public function testASoundCoverageHasNoFaultOfTheDrawing(): void
    {
        foreach (['corners-crash', 'first-stays'] as $coverage) {
            $kinds = self::kinds(Teams::bunt(coverage: $coverage)->report());
            self::assertSame(
                [],
                array_intersect($kinds, ['bag-uncovered', 'bag-double', 'idle', 'two-jobs', 'limited-throw']),
                $coverage,
            );
        }
    }

    public function testBagThatNobodyCovers(): void
    {
        $finding = self::find(self::report(self::lines(without: Position::Shortstop)), 'bag-uncovered', Base::Third);

        self::assertSame('Nobody covers third', $finding->worst->title);
        self::assertMatchesRegularExpression('/a runner can be there at \d\.\d s/', $finding->worst->measure);
        self::assertSame(15, $finding->balls);
    }

    public function testFielderWithoutAJob(): void
    {
        $finding = self::find(self::report(self::lines(without: Position::RightField)), 'idle');

        self::assertSame('P9 has no job', $finding->worst->title);
    }

    public function testTwoAtOneBag(): void
    {
        $finding = self::find(
            self::report([
                ...self::lines(without: Position::CenterField),
                CoverageLine::always(Position::CenterField, Job::cover(Base::Second)),
            ]),
            'bag-double',
            Base::Second,
        );

        self::assertStringContainsString('4 P4 and 8 P8 both cover second', $finding->worst->measure);
    }

    public function testTwoJobsAtOnce(): void
    {
        $finding = self::find(
            self::report([...self::lines(), CoverageLine::always(Position::LeftField, Job::backUp(Base::Second))]),
            'two-jobs',
        );

        self::assertSame('P7 has two jobs', $finding->worst->title);
        self::assertStringContainsString('“Back up third” and “Back up second”', $finding->worst->measure);
    }

    public function testALateCoverIsMeasuredAndWalkedOff(): void
    {
        $report = self::withSecondBaseman(3.7)->report();
        $finding = self::find($report, 'cover-late', Base::First);

        self::assertSame(Position::SecondBase, $finding->worst->position);
        $onTime = array_filter(
            Teams::bunt(coverage: 'corners-crash')->report()->findings,
            static fn(AuditedFinding $other): bool => 'cover-late' === $other->worst->kind,
        );
        self::assertSame([], $onTime, 'an ordinary one is on time');
        self::assertMatchesRegularExpression('/^Start P4 \d*½? paces? nearer first\.$/u', $finding->mendWords());
    }

    public function testALateCoverIsShownAtTheMomentTheThrowIsThere(): void
    {
        $late = self::withSecondBaseman(4.6);
        $finding = self::find($late->report(), 'cover-late', Base::First);
        $moment = $finding->worst->moment;
        self::assertNotNull($moment);
        $play = $late->run($finding->on);
        $throw = array_values(array_filter($play->options(), static fn($one): bool => Base::First === $one->base))[0];

        self::assertEquals($throw, $moment->throw, 'the ball on which it is worst, played again');
        self::assertEqualsWithDelta($throw->ballThere, $moment->seconds, 1e-9);
        self::assertSame(\sprintf('%.1f s late', $throw->coverThere - $throw->ballThere), $moment->words);
        self::assertSame([4], $moment->who);
        self::assertSame([4 => $throw->coverThere, Moment::RUNNER => $throw->runnerThere], $moment->there);
    }

    public function testAMendIsOneThatIsGoneWhenItIsDone(): void
    {
        $play = self::withSecondBaseman(3.7);
        $mend = self::find($play->report(), 'cover-late', Base::First)->mend;
        self::assertNotNull($mend);
        $there = $play->plan->alignment->moved($mend->position, $mend->to, 'Mended.', $play->plan->state->rules);
        $kinds = self::kinds($play->standing($play->plan->standing($there))->report());

        self::assertNotContains('cover-late', $kinds);
    }

    public function testWhoIsTooSlowForAnyStartIsToGiveTheBagAway(): void
    {
        $finding = self::find(self::withSecondBaseman(4.6)->report(), 'cover-late', Base::First);

        self::assertNull($finding->mend);
        self::assertSame('Give first to somebody nearer.', $finding->mendWords());
    }

    /** What an ordinary nine pay as well is said once with the coverage, and is nobody's fault. */
    public function testWhatTheSchemeLeavesOpenIsItsPrice(): void
    {
        $late = static fn(AuditedFinding $one): bool => 'cover-late' === $one->worst->kind;
        $report = Teams::bunt(
            Teams::bunting('baseball-80', 'R1R2-0'),
            Level::Youth13,
            coverage: 'corners-crash',
        )->report(Teams::cost(Level::Youth13));

        self::assertNotSame([], array_filter($report->prices, $late));
        self::assertSame([], array_filter($report->findings, $late));
    }

    private static function withSecondBaseman(float $homeToFirst): PlannedPlay
    {
        $slow = Teams::with(Teams::player(4, 4), Traits::of(Hand::Right, Bats::Right, $homeToFirst, null, 2.5));
        $roster = array_map(
            static fn(RosterPlayer $player): RosterPlayer => '4' === $player->number ? $slow : $player,
            Teams::nine(),
        );

        return Teams::bunt(roster: $roster, coverage: 'corners-crash');
    }

    public function testAThrowAskedOfASoreArm(): void
    {
        $roster = array_map(
            static fn(RosterPlayer $player): RosterPlayer => '2' === $player->number
                ? Teams::with($player, limit: Limit::NoThrowing)
                : $player,
            Teams::nine(),
        );
        $finding = self::find(Teams::bunt(roster: $roster)->report(), 'limited-throw');

        self::assertSame('P2 may not throw', $finding->worst->title);
        self::assertLessThan(15, $finding->balls, 'only on balls that are the catcher’s');
    }

    public function testTheWorstComesFirstAndEachFaultOnce(): void
    {
        $report = self::report([CoverageLine::always(Position::SecondBase, Job::cover(Base::First))]);
        $ranks = array_map(static fn(AuditedFinding $finding): float => $finding->rank(), $report->findings);
        $sorted = $ranks;
        rsort($sorted);

        self::assertSame($sorted, $ranks);
        $identities = array_map(
            static fn(AuditedFinding $finding): string => $finding->worst->identity(),
            $report->findings,
        );
        self::assertSame(array_unique($identities), $identities);
    }

    /** @param list<CoverageLine> $lines */
    private static function report(array $lines): CoverageReport
    {
        return Teams::bunt()->reportOn(
            new Coverage(
                'test',
                'Test',
                'Test',
                'A test.',
                [Bases::First],
                [Position::Pitcher, Position::Catcher, Position::ThirdBase],
                $lines,
            ),
        );
    }

    /** @return list<CoverageLine> "first stays", sound, less one position's lines */
    private static function lines(?Position $without = null): array
    {
        return array_values(
            array_filter(
                [
                    CoverageLine::when(Position::Pitcher, Job::cover(Base::Home), Position::Catcher),
                    CoverageLine::when(Position::Pitcher, Job::converge(), Position::ThirdBase),
                    CoverageLine::when(
                        Position::Catcher,
                        Job::cover(Base::Home),
                        Position::Pitcher,
                        Position::ThirdBase,
                    ),
                    CoverageLine::always(Position::FirstBase, Job::cover(Base::First)),
                    CoverageLine::always(Position::SecondBase, Job::cover(Base::Second)),
                    CoverageLine::when(Position::ThirdBase, Job::converge(), Position::Pitcher, Position::Catcher),
                    CoverageLine::always(Position::Shortstop, Job::cover(Base::Third)),
                    CoverageLine::always(Position::LeftField, Job::backUp(Base::Third)),
                    CoverageLine::always(Position::CenterField, Job::backUp(Base::Second)),
                    CoverageLine::always(Position::RightField, Job::backUp(Base::First)),
                ],
                static fn(CoverageLine $line): bool => $line->who !== $without,
            ),
        );
    }

    /** @return list<string> */
    private static function kinds(CoverageReport $report): array
    {
        return array_map(static fn(AuditedFinding $finding): string => $finding->worst->kind, $report->findings);
    }

    private static function find(CoverageReport $report, string $kind, ?Base $base = null): AuditedFinding
    {
        foreach ($report->findings as $finding) {
            if ($finding->worst->kind === $kind && (null === $base || $finding->worst->base === $base)) {
                return $finding;
            }
        }
        self::fail("No finding of kind $kind; there were: " . implode(', ', self::kinds($report)));
    }
}
