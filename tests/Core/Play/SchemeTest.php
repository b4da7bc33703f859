<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\Bunt\BuntFamily;
use FoxCorner\Core\Family\Bunt\BuntTrial;
use FoxCorner\Core\Family\Bunt\ShippedCoverages;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Plan\CoverageChoice;
use FoxCorner\Core\Plan\FamilyPlan;
use FoxCorner\Core\Play\Check\Finding;
use FoxCorner\Core\Play\Scheme\Branch;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\CoveragePrint;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;

/** Coverages as data: copies, whom they are for, what a family takes when nobody says. */
final class SchemeTest extends TestCase
{
    public function testACopyIsBehindOnlyItsOwnOriginalAndOnlyWhenThatHasChanged(): void
    {
        [$original, $other] = ShippedCoverages::for(Bases::First, Sport::Baseball);
        $copy = static fn(?string $of, ?string $as): Coverage => self::like($original, 'mine', $of, $as);

        self::assertTrue($copy($original->key, 'as it never was')->isBehind($original));
        self::assertFalse($copy($original->key, CoveragePrint::of($original))->isBehind($original));
        self::assertFalse($copy($original->key, 'as it never was')->isBehind($other), 'that is another');
        self::assertFalse($copy($original->key, null)->isBehind($original), 'nobody knows what it was');
        self::assertFalse($copy(null, null)->isBehind($original));
    }

    public function testAPlanIsEmptyOnlyWhenNothingIsInIt(): void
    {
        $choice = new CoverageChoice('wheel', 'Wren', new \DateTimeImmutable('2026-11-27'));
        $mine = self::like(ShippedCoverages::for(Bases::First, Sport::Baseball)[0], 'mine', null, null);

        self::assertTrue((new FamilyPlan())->isEmpty());
        self::assertFalse((new FamilyPlan())->withChoice(Situation::fromKey('R1-0'), $choice)->isEmpty());
        self::assertFalse((new FamilyPlan([$mine]))->isEmpty());
    }

    public function testOwnCoveragesAreForTheirRunnersAndOnlyWhenSomebodyFields(): void
    {
        $like = ShippedCoverages::for(Bases::First, Sport::Baseball)[0];
        $nobody = new Coverage('draft', 'Draft', 'Draft', '', [Bases::First], [], []);
        $plan = new FamilyPlan([self::like($like, 'mine', null, null), $nobody]);
        $keys = static fn(string $situation): array => array_column(
            $plan->ownFor(Situation::fromKey($situation)),
            'key',
        );

        self::assertSame(['mine'], $keys('R1-0'));
        self::assertSame(['mine'], $keys('R1-1'));
        self::assertSame([], $keys('R2-0'));
    }

    public function testABuntNobodyDescribesIsStraightAndThirtyFeetOut(): void
    {
        $family = new BuntFamily();
        $bunt = $family->trial([], Teams::scene('baseball-90'));

        self::assertSame(['degrees' => 0.0, 'feet' => 30.0, 'kind' => 'sacrifice'], $bunt->fields());
    }

    public function testABuntIsNoHarderThanABuntCanBe(): void
    {
        $rules = ShippedRuleSets::get('baseball-90');
        $hardest = RollingBall::bunt(Speed::ofMph(40.0), $rules->buntSurface(), 0.0);

        self::assertEqualsWithDelta(
            $hardest->restPoint()->y,
            BuntTrial::restingAt(500.0, 0.0, $rules)->restsAt()->y,
            1e-6,
            'ft',
        );
    }

    public function testABranchIsReadFromItsWordsOrRefused(): void
    {
        $goes = Branch::ofKey('runner:goes:home');
        self::assertSame('runner:goes:home', $goes->key(), 'only the first colon parts question and answer');
        self::assertNull($goes->fieldedBy);
        foreach (['runner', ':goes', 'runner:', '', 'fielded:6+'] as $none) {
            try {
                Branch::ofKey($none);
                self::fail("“{$none}” is no branch.");
            } catch (Problem $problem) {
                self::assertSame('when', $problem->field());
            }
        }
    }

    public function testAReportHasTheFaultsItFoundAndNoOthers(): void
    {
        $report = Teams::bunt(Teams::state('baseball-90', 'R1-0'))->report(Teams::cost());
        $none = new Finding('no-such-kind', 'None', 'None.', 'None.', null, null, 0.0);
        self::assertFalse($report->has($none));
        $found = Teams::bunt(Teams::state('baseball-90', 'R1-0'));
        $left = self::like(ShippedCoverages::for(Bases::First, Sport::Baseball)[0], 'a', null, null);
        $faulty = $found->reportOn(new Coverage('b', 'B', 'B', '', [Bases::First], $left->fielders, []), Teams::cost());

        self::assertNotSame([], $faulty->findings);
        foreach ($faulty->findings as $one) {
            self::assertTrue($faulty->has($one->worst));
        }
    }

    public function testACoverageOfOnesOwnIsFoundByItsKey(): void
    {
        $like = ShippedCoverages::for(Bases::First, Sport::Baseball)[0];
        $plan = new FamilyPlan([self::like($like, 'one', null, null), self::like($like, 'two', null, null)]);

        self::assertSame('two', $plan->own('two')?->key);
        self::assertNull($plan->own('three'));
    }

    private static function like(Coverage $one, string $key, ?string $copyOf, ?string $copiedAs): Coverage
    {
        return new Coverage(
            $key,
            $one->name,
            $one->call,
            $one->reason,
            $one->bases,
            $one->fielders,
            $one->lines,
            copyOf: $copyOf,
            copiedAs: $copiedAs,
        );
    }
}
