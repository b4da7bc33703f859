<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Practice\Need\Grade;
use FoxCorner\Core\Practice\Need\Taught;
use FoxCorner\Core\Practice\Season\DrillStep;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Which step of a progression is due after what was graded. */
final class DrillStepTest extends TestCase
{
    /** @param array<array-key, string> $practices by days ago a letter for each: well, unsure, not yet, none */
    #[DataProvider('seasons')]
    public function testItClimbsWhenItHeldAndFallsWhenItDidNot(AgeGroup $age, array $practices, int $due): void
    {
        $drill = ShippedDrills::get('charge-and-throw');
        self::assertCount(3, $drill->progression);
        $taught = [];
        foreach ($practices as $days => $grades) {
            foreach (str_split($grades) as $player => $letter) {
                $grade = ['w' => Grade::Well, 'u' => Grade::Unsure, 'n' => Grade::NotYet][$letter] ?? null;
                $taught[] = new Taught("p$player", $drill->key, Position::Pitcher, 8, (float) $days, $grade);
                $taught[] = new Taught("p$player", 'sure-out', Position::Pitcher, 8, (float) $days, Grade::NotYet);
            }
        }

        self::assertSame($due, DrillStep::due($drill, $age, $taught));
    }

    /** @return iterable<string, array{AgeGroup, array<array-key, string>, int}> */
    public static function seasons(): iterable
    {
        yield 'children begin with the first' => [AgeGroup::Child, [], 0];
        yield 'the older do not' => [AgeGroup::Older, [], 1];
        yield 'nobody graded it' => [AgeGroup::Older, ['3.5' => '----'], 1];
        yield 'two in three' => [AgeGroup::Child, ['3.5' => 'wwn'], 1];
        yield 'of those who were graded' => [AgeGroup::Child, ['3.5' => 'ww--n'], 1];
        yield 'less is no reason' => [AgeGroup::Child, ['3.5' => 'wwuu'], 0];
        yield 'half' => [AgeGroup::Older, ['3.5' => 'wnnu'], 0];
        yield 'less than half' => [AgeGroup::Older, ['3.5' => 'wwnnu'], 1];
        yield 'not above the last' => [AgeGroup::Older, ['10.5' => 'ww', '7' => 'ww', '3.5' => 'nn'], 1];
        yield 'not below the first, the last practice last' => [AgeGroup::Child, ['3.5' => 'ww', '10.5' => 'nn'], 1];
    }

    public function testWhatHasNoProgressionHasNoStep(): void
    {
        foreach (ShippedDrills::all() as $key => $drill) {
            self::assertSame([] === $drill->progression, null === DrillStep::due($drill, AgeGroup::Youth, []), $key);
        }
    }
}
