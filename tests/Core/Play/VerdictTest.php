<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Play\Choice\Verdict;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is likeliest goes first; the race is that of a true throw, and says so where it says something else. */
final class VerdictTest extends TestCase
{
    #[TestWith([0.81, 0.23, 'out at home, 81 in 100, by 0.23 s'])]
    #[TestWith([0.24, 0.23, 'safe at home, 76 in 100; out by 0.23 s on a true throw'])]
    #[TestWith([0.08, -0.41, 'safe at home, 92 in 100, by 0.41 s'])]
    #[TestWith([0.5, 0.019, 'out at home, 50 in 100; dead even on a true throw'])]
    #[TestWith([0.499, 0.021, 'safe at home, 50 in 100; out by 0.02 s on a true throw'])]
    #[TestWith([0.0, -\INF, 'safe at home, 100 in 100'])]
    public function testWords(float $chance, float $margin, string $words): void
    {
        self::assertSame($words, Verdict::of($chance, $margin)->words('out at home', 'safe at home'));
    }
}
