<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play\Running;

use FoxCorner\Core\Family\Looks\Look;
use FoxCorner\Core\Family\Looks\LookMix;
use FoxCorner\Core\Family\Looks\LooksDrawn;
use FoxCorner\Core\Family\Looks\Observer;
use FoxCorner\Core\Problem\Problem;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Looks that a runner cannot time. */
final class LooksTest extends TestCase
{
    private const SEEDS = 1000;

    /** Three runners who watch: one by the last two, one by what is due, one by the last one. */
    public function testOverAThousandSeedsNobodyGuessesMoreThanChance(): void
    {
        $right = ['last two' => 0.0, 'what is due' => 0.0, 'the last' => 0.0];
        for ($seed = 0; $seed < self::SEEDS; ++$seed) {
            $looks = self::drawn(LookMix::ordinary(), 30, $seed);
            $right['last two'] += Observer::of($looks)->right;
            $right['what is due'] += self::due($looks);
            $right['the last'] += self::repeats($looks);
        }
        foreach ($right as $who => $sum) {
            self::assertLessThanOrEqual(0.25 + 0.05, $sum / self::SEEDS, $who);
        }
    }

    public function testTheMixIsTheCoachs(): void
    {
        $mix = LookMix::of([0, 1, 2], [1.5, 3.0], [1.0, 2.0, 1.0]);
        self::assertEqualsWithDelta(0.5, $mix->chance(), 1e-9);
        $counts = [0, 0, 0];
        foreach (range(1, 100) as $seed) {
            foreach (self::drawn($mix, 20, $seed) as $looks) {
                ++$counts[$looks];
            }
        }
        self::assertEqualsWithDelta(500, $counts[0], 40);
        self::assertEqualsWithDelta(1000, $counts[1], 60);
        $drawn = LooksDrawn::draw($mix, 40, new Randomizer(new Mt19937(3)));
        $holds = array_unique(array_map(static fn(Look $look): float => $look->hold, $drawn->pitches));
        sort($holds);
        self::assertSame([1.5, 3.0], $holds);
        self::assertSame(0, array_sum(self::drawn(LookMix::of([0], [1.0]), 5, 1)), 'one kind is one kind');
    }

    public function testTheSameSeedDrawsTheSame(): void
    {
        self::assertSame(self::drawn(LookMix::ordinary(), 30, 11), self::drawn(LookMix::ordinary(), 30, 11));
        self::assertNotSame(self::drawn(LookMix::ordinary(), 30, 11), self::drawn(LookMix::ordinary(), 30, 12));
    }

    /** @param list<int> $looks */
    #[TestWith([[2, 2, 2, 2, 2, 2], 1.0, 6, true])]
    #[TestWith([[0, 1, 0, 1, 0, 1, 0, 1], 6 / 7, 1, true])]
    #[TestWith([[1, 1, 1, 0, 3, 2], 2 / 5, 3, false])]
    #[TestWith([[2, 2, 2], 1.0, 3, false])]
    #[TestWith([[0, 1, 1, 0, 0, 1, 0, 1, 1, 0], 1 / 3, 2, false])]
    #[TestWith([[0, 3, 1, 2, 0, 1, 3], 1 / 6, 1, false])]
    public function testWhatARunnerWhoWatchesKnows(array $looks, float $right, int $row, bool $knows): void
    {
        $observer = Observer::of($looks);

        self::assertSame($row, $observer->longest);
        self::assertSame($knows, $observer->knows(0.25));
        self::assertEqualsWithDelta($right, $observer->right, 1e-9);
    }

    public function testHeKnowsWhenHeIsRightOftenerThanByLuck(): void
    {
        $half = Observer::of([0, 1, 0, 2, 0, 3, 0, 1, 0, 2]);
        $line = static fn(float $luck): float => $luck + 0.05 + 1.5 * sqrt(($luck * (1 - $luck)) / 9);

        self::assertSame(0.25, $half->luck(0.1), 'one of the four that were seen');
        self::assertSame(0.4, $half->luck(0.4));
        self::assertSame($half->right > $line(0.25), $half->knows(0.25));
        foreach ([0.25, 0.3, 0.35, 0.4, 0.5] as $luck) {
            self::assertSame($half->right > $line($luck), $half->knows($luck));
        }
        self::assertFalse(Observer::of([2, 2, 2, 2])->knows(1.0), 'nothing else is wanted');
    }

    /**
     * Of fair rows hardly one is flagged, and no rule of thumb gains on what is drawn.
     *
     * @param list<int> $kinds
     */
    #[TestWith([[0, 1]])]
    #[TestWith([[0, 1, 2]])]
    #[TestWith([[0, 1, 2, 3]])]
    public function testWhatIsDrawnIsFair(array $kinds): void
    {
        $mix = LookMix::of($kinds, [1.0]);
        $chance = 1 / \count($kinds);
        $flagged = $watching = $again = $guesses = 0;
        for ($seed = 0; $seed < 400; ++$seed) {
            $looks = self::drawn($mix, 40, $seed);
            $observer = Observer::of($looks);
            $flagged += (int) $observer->knows($mix->chance());
            $watching += $observer->right / 400;
            foreach (\array_slice($looks, 1) as $index => $now) {
                ++$guesses;
                $again += (int) ($looks[$index] === $now);
            }
        }

        self::assertLessThan(0.05 * 400, $flagged);
        self::assertLessThan($chance + 0.03, $watching);
        self::assertEqualsWithDelta($chance, $again / $guesses, 0.02, 'as often again as anything else');
    }

    public function testWhatIsNoMixIsRefused(): void
    {
        foreach (
            [
                'looks' => static fn(): LookMix => LookMix::of([], [1.0]),
                'hold' => static fn(): LookMix => LookMix::of([1], [0.1]),
                'weights' => static fn(): LookMix => LookMix::of([1, 2], [1.0], [1.0]),
                'pitches' => static fn(): LooksDrawn => LooksDrawn::draw(
                    LookMix::ordinary(),
                    0,
                    new Randomizer(new Mt19937(1)),
                ),
            ] as $field => $make
        ) {
            try {
                $make();
                self::fail("$field is none.");
            } catch (Problem $problem) {
                self::assertSame($field, $problem->field());
            }
        }
        foreach ([[[1, 1], [1.0], []], [[6], [1.0], []], [[1], [2.0], [0.0]]] as [$looks, $holds, $weights]) {
            try {
                LookMix::of($looks, $holds, $weights);
                self::fail('It is none.');
            } catch (Problem) {
                $this->addToAssertionCount(1);
            }
        }
    }

    /** @return list<int> */
    private static function drawn(LookMix $mix, int $pitches, int $seed): array
    {
        return array_map(
            static fn(Look $look): int => $look->looks,
            LooksDrawn::draw($mix, $pitches, new Randomizer(new Mt19937($seed)))->pitches,
        );
    }

    /** @param list<int> $looks */
    private static function due(array $looks): float
    {
        $counts = [0, 0, 0, 0];
        $right = 0;
        foreach ($looks as $now) {
            $right += (int) (array_search(min($counts), $counts, true) === $now);
            ++$counts[$now];
        }

        return $right / \count($looks);
    }

    /** @param list<int> $looks */
    private static function repeats(array $looks): float
    {
        $right = 0;
        foreach ($looks as $index => $now) {
            $right += (int) ($index > 0 && $looks[$index - 1] === $now);
        }

        return $right / \count($looks);
    }
}
