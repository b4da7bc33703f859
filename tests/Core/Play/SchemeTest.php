<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Plan\CoverageChoice;
use FoxCorner\Core\Plan\FamilyPlan;
use FoxCorner\Core\Play\Bunt\BuntFamily;
use FoxCorner\Core\Play\Bunt\ShippedCoverages;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\CoveragePrint;
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
        $bunt = $family->trial([], ShippedRuleSets::get('baseball-90'));

        self::assertSame(['degrees' => 0.0, 'feet' => 30.0, 'kind' => 'sacrifice'], $bunt->fields());
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
