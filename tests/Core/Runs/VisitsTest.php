<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Runs;

use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Runs\PlateAppearance;
use FoxCorner\Core\Runs\RunChain;
use FoxCorner\Core\Runs\Visits;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class VisitsTest extends TestCase
{
    /** The runs of a half-inning are those of each plate appearance, times how many there are of it. */
    #[DataProvider('levels')]
    public function testRunsOfAHalfInningAreThoseOfItsPlateAppearances(Level $level): void
    {
        $profile = $level->profile();
        $visits = Visits::of($profile->rates, $profile->advancement());
        $appearance = new PlateAppearance($profile->rates, $profile->advancement());
        $runs = $outs = 0.0;
        foreach (RunChain::situations() as $situation) {
            foreach ($appearance->outcomes($situation) as $outcome) {
                $runs += $visits->in($situation) * $outcome->chance * $outcome->runs;
                $outs += $visits->in($situation) * $outcome->chance * min($outcome->outs, 3 - $situation->outs->value);
            }
        }

        self::assertEqualsWithDelta($profile->chain()->expectedRuns(Situation::fromKey('none-0')), $runs, 1e-9);
        self::assertEqualsWithDelta(3.0, $outs, 1e-9, 'three outs end it');
        self::assertGreaterThan(4.0, $visits->all());
        self::assertLessThan(6.0, $visits->all());
    }

    /** @return iterable<string, array{Level}> */
    public static function levels(): iterable
    {
        foreach (Level::cases() as $level) {
            yield $level->value => [$level];
        }
    }
}
