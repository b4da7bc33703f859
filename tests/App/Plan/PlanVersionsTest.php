<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App\Plan;

use FoxCorner\App\Plan\Codec\BookCodec;
use FoxCorner\Core\Alignment\Depth\DepthFractions;
use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Family\Bunt\BuntFamily;
use FoxCorner\Core\Family\Bunt\ShippedCoverages;
use FoxCorner\Core\Family\ShippedFamilies;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Game\BuntOutlook;
use FoxCorner\Core\Game\BuntPoints;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;

/** Documents of earlier versions, read on. */
final class PlanVersionsTest extends TestCase
{
    use PlanDocuments;

    public function testTheFirstVersionsDocumentsGoOn(): void
    {
        $codec = new BookCodec(ShippedFamilies::all());
        $old = (string) file_get_contents(__DIR__ . '/../documents/plan-1.json');
        $book = $codec->read($old, ShippedRuleSets::get('fastpitch-43'));
        $bunts = $book->plays('bunt');

        self::assertCount(19, $bunts->own);
        self::assertSame('first-stays', $bunts->choice(Situation::fromKey('R1-0'))?->coverage);
        self::assertSame(OutPolicy::Lead, $bunts->policy(Situation::fromKey('R2-1'), new BuntFamily()));
        self::assertEquals(Point::of(-21.25, 70.5), $book->kept(Situation::fromKey('R3-1'))[0]->point);
        $now = $codec->write($book, ShippedRuleSets::get('fastpitch-43'));
        self::mustFit($now);
        self::assertEquals($book, $codec->read($now, ShippedRuleSets::get('fastpitch-43')));
    }

    public function testADepthOfTheSecondVersionIsThatOfBothOfItsGroup(): void
    {
        $codec = new BookCodec(ShippedFamilies::all());
        $rules = ShippedRuleSets::get('baseball-90');
        $book = $codec->read((string) file_get_contents(__DIR__ . '/../documents/plan-2.json'), $rules);

        foreach ([Position::SecondBase, Position::Shortstop] as $position) {
            self::assertEquals(new DepthFractions(0.3, -0.1), $book->depths->infield($position, NamedDepth::In));
        }
        foreach ([Position::FirstBase, Position::ThirdBase] as $position) {
            self::assertEquals(new DepthFractions(0.05, -0.02), $book->depths->infield($position, NamedDepth::Hold));
        }
        self::assertSame(0.9, $book->depths->outfieldShare(NamedDepth::Deep));
        self::assertSame('Cut it', $book->depths->word(NamedDepth::In));
        $now = $codec->write($book, $rules);
        self::mustFit($now);
        self::assertEquals($book, $codec->read($now, $rules));
    }

    public function testTheSignsOfTheThirdVersionAreTheBuntsSettings(): void
    {
        $codec = new BookCodec(ShippedFamilies::all());
        $rules = ShippedRuleSets::get('baseball-90');
        $book = $codec->read((string) file_get_contents(__DIR__ . '/../documents/plan-3.json'), $rules);
        $bunts = $book->plays(BuntFamily::KEY);
        $points = $bunts->setting(BuntPoints::class);

        self::assertSame(['late' => 3, 'power' => -4, 'likely_at' => 7, 'times_push' => 2.5], $points->values());
        self::assertSame(OutPolicy::First, $bunts->policy(Situation::fromKey('R1R2-0'), new BuntFamily()));
        self::assertSame('Hold', $book->words->own['cut']);
        $state = Teams::state()->set(...$book->settings());
        self::assertSame(7, BuntOutlook::of($state)->likelyAt, 'the state of a game is told');
        $now = $codec->write($book, $rules);
        self::mustFit($now);
        self::assertEquals($book, $codec->read($now, $rules));
    }

    public function testNoCopyOfTheFirstVersionIsToldThatItsOriginalHasChangedUnlessItHas(): void
    {
        $own = (new BookCodec(ShippedFamilies::all()))
            ->read(
                (string) file_get_contents(__DIR__ . '/../documents/plan-1.json'),
                ShippedRuleSets::get('fastpitch-43'),
            )
            ->plays('bunt')->own;
        $behind = [];
        // In these the catcher has got what dies in front of the plate since, or the middle leaves with the pitch.
        $changed = ['wheel', 'catcher-stays', 'wheel-feint'];
        foreach ($own as $copy) {
            $originals = [...ShippedCoverages::for($copy->bases[0], Sport::Fastpitch), ...$own];
            foreach ($originals as $original) {
                if ($original->key !== $copy->copyOf) {
                    continue;
                }
                if (\in_array($original->key, $changed, true)) {
                    self::assertTrue($copy->isBehind($original), "$copy->key is a copy of what has changed");
                } elseif ($copy->isBehind($original)) {
                    $behind[] = $copy->key;
                }
            }
        }

        self::assertSame(['0190aaaa-0000-7000-8000-000000000091'], $behind, 'the one that was behind already');
    }
}
