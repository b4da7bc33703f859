<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Architecture;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What every family needs is made in one place, so that none makes it in a way of its own. */
final class OneMakerTest extends TestCase
{
    /** @param list<string> $places folders or files below the root; "1 <<" is bases as bits of a number */
    #[TestWith(['new Timeline(', ['core/Play/Clock/TimelineBuilder.php']])]
    #[TestWith(['new ThrowOption(', ['core/Play/Fielded/', 'core/Family/']])]
    #[TestWith(['1 <<', ['core/Game/Bases.php']])]
    #[TestWith(['->mask()', ['core/Game/Bases.php', 'core/Runs/PlayCost.php']])]
    public function testItIsMadeThereAlone(string $words, array $places): void
    {
        $elsewhere = [];
        foreach ([SourceTree::core(), SourceTree::app()] as $tree) {
            foreach ($tree->files() as $file => $text) {
                $isThere = [] !== array_filter($places, static fn(string $one): bool => str_starts_with($file, $one));
                if (!$isThere && str_contains($text, $words)) {
                    $elsewhere[] = $file;
                }
            }
        }

        self::assertSame([], $elsewhere);
    }
}
