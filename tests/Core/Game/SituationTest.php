<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Game;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\BuntPoints;
use FoxCorner\Core\Game\BuntSign;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Count;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SituationTest extends TestCase
{
    public function testAllTwentyFourComeBackFromTheirKeys(): void
    {
        $keys = [];
        foreach (Bases::cases() as $bases) {
            foreach (Outs::cases() as $outs) {
                $key = Situation::of($bases, $outs)->key();
                self::assertEquals(Situation::of($bases, $outs), Situation::fromKey($key));
                $keys[$key] = true;
            }
        }
        self::assertCount(24, $keys);
    }

    #[TestWith(['R1-3'])]
    #[TestWith(['R4-0'])]
    #[TestWith(['R1'])]
    #[TestWith(['R1-0-1'])]
    #[TestWith(['R1-00'])]
    #[TestWith([''])]
    public function testKeysThatNameNothing(string $key): void
    {
        $this->expectException(Problem::class);
        $this->expectExceptionMessage(\sprintf('situation: "%s" does not exist', $key));
        Situation::fromKey($key);
    }

    public function testTouchingABagTwiceChangesNothing(): void
    {
        foreach (Bases::cases() as $bases) {
            foreach ([Base::First, Base::Second, Base::Third] as $bag) {
                $touched = $bases->toggle($bag);
                self::assertNotSame($bases->has($bag), $touched->has($bag));
                self::assertSame($bases, $touched->toggle($bag));
            }
        }
    }

    public function testOutsGoAround(): void
    {
        self::assertSame(Outs::None, Outs::None->next()->next()->next());
    }

    #[TestWith(['4-0'])]
    #[TestWith(['0-3'])]
    #[TestWith(['1–1'])]
    public function testCountsThatCannotBe(string $key): void
    {
        $this->expectExceptionMessage('count: ');
        Count::fromKey($key);
    }

    public function testContextLimits(): void
    {
        $this->expectExceptionMessage('inning: 99 is too large; allowed: 1 to 15');
        Context::of(99, Half::Top, 0, Batter::ofType(BatterType::Right), Count::none());
    }

    #[TestWith([0, 'Tied', true])]
    #[TestWith([-1, 'Down 1', true])]
    #[TestWith([4, 'Up 4', false])]
    public function testScore(int $lead, string $words, bool $close): void
    {
        $context = Context::of(3, Half::Top, $lead, Batter::ofType(BatterType::Right), Count::none());

        self::assertSame($words, $context->scoreLabel());
        self::assertSame($close, $context->isClose());
    }

    public function testPointsOfABuntAreOrdinaryUntilOneOrTheLineIsAnother(): void
    {
        self::assertTrue(BuntPoints::ordinary()->isOrdinary());
        self::assertTrue(BuntPoints::of(BuntPoints::ordinary()->all(), BuntPoints::ordinary()->likelyAt)->isOrdinary());
        $other = BuntPoints::of(
            [BuntSign::Late->value => BuntSign::Late->points() + 1],
            BuntPoints::ordinary()->likelyAt,
        );
        self::assertFalse($other->isOrdinary());
        self::assertSame(BuntSign::Late->points() + 1, $other->weigh(BuntSign::Late));
        self::assertSame(BuntSign::Quick->points(), $other->weigh(BuntSign::Quick));
        self::assertFalse(BuntPoints::of([], BuntPoints::ordinary()->likelyAt + 1)->isOrdinary());
        foreach ([[['late' => 10], 5], [['late' => -10], 5], [[], 0], [[], 13]] as [$points, $line]) {
            try {
                BuntPoints::of($points, $line);
                self::fail('These are no points.');
            } catch (OutOfRange $problem) {
                self::assertContains($problem->allowed(), ['-9 to 9 points', '1 to 12 points']);
            }
        }
        self::assertSame(
            [9, -9, 1, 12],
            [
                BuntPoints::of(['late' => 9], 5)->weigh(BuntSign::Late),
                BuntPoints::of(['late' => -9], 5)->weigh(BuntSign::Late),
                BuntPoints::of([], 1)->likelyAt,
                BuntPoints::of([], 12)->likelyAt,
            ],
        );
    }
}
