<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Level;

use FoxCorner\Core\Known\LevelFigures;
use FoxCorner\Core\Level\FieldingRecord;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class FieldingRecordTest extends TestCase
{
    /** By hand: (missed + 60 × the level's) ÷ (chances + 60), over the level's. */
    #[TestWith([60, 54, 1.0])]
    #[TestWith([60, 60, 0.5])]
    #[TestWith([60, 48, 1.5])]
    #[TestWith([20, 20, 0.75])]
    #[TestWith([540, 432, 1.9])]
    #[TestWith([0, 0, 1.0])]
    #[TestWith([5000, 5000, 0.3])]
    #[TestWith([5000, 0, 3.0])]
    public function testItIsBlendedByTheNumberOfChances(int $chances, int $outs, float $hands): void
    {
        $record = FieldingRecord::of([6 => [$chances, $outs]]);

        self::assertEqualsWithDelta($hands, $record->hands(Position::Shortstop, 0.1), 1e-9);
        self::assertSame(1.0, $record->hands(Position::ThirdBase, 0.1));
    }

    public function testItSaysHowMuchIsItsOwn(): void
    {
        $record = FieldingRecord::of([6 => [20, 15], 1 => [0, 0]]);

        self::assertSame([6 => [20, 15]], $record->counts);
        self::assertEqualsWithDelta(0.25, $record->share(Position::Shortstop), 1e-9);
        self::assertSame(0.0, $record->share(Position::Pitcher));
    }

    #[TestWith([7, 1, 1, 'position'])]
    #[TestWith([10, 1, 1, 'position'])]
    #[TestWith([6, 5001, 1, 'chances of 6'])]
    #[TestWith([6, -1, 0, 'chances of 6'])]
    #[TestWith([6, 4, 5, 'outs of 6'])]
    public function testItRefusesWhatCannotBeCounted(int $number, int $chances, int $outs, string $field): void
    {
        try {
            FieldingRecord::of([$number => [$chances, $outs]]);
            self::fail('taken');
        } catch (Problem $problem) {
            self::assertSame($field, $problem->field());
        }
    }

    public function testSureHandsMakeMoreOutsWhereTheyPlayAndNowhereElse(): void
    {
        $level = Level::Fastpitch16;
        $plan = (new LevelFigures($level))->plan('none-0');
        $usual = $plan->range(Teams::cost($level))->summary;
        $sure = SituationPlan::of(
            $plan->state,
            $plan->level->recorded(FieldingRecord::of([6 => [300, 297]])),
            $plan->lineup,
            PlanBook::shipped($plan->state->rules),
        )->range(Teams::cost($level))->summary;

        $most = $elsewhere = 0.0;
        foreach ($usual->sprays as $index => $degrees) {
            $gain = $sure->outChance[$index] - $usual->outChance[$index];
            $most = max($most, $degrees < 0 ? $gain : 0.0);
            $elsewhere = max($elsewhere, $degrees > 10 ? abs($gain) : 0.0);
        }
        self::assertGreaterThan(0.03, $most);
        self::assertLessThan(1e-4, $elsewhere);
        self::assertEqualsWithDelta(0.02, $sure->outsPerBall - $usual->outsPerBall, 0.004);
    }
}
