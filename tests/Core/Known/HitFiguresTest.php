<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Known;

use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Known\LevelFigures;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Runs\Advancement;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Bases that runners take on balls to the outfield, against what is published, and what the chain of runs takes. */
final class HitFiguresTest extends TestCase
{
    public function testProfessionalsRunAsIsPublished(): void
    {
        $hits = (new LevelFigures(Level::Pro))->hits();
        $published = new Advancement();
        foreach (Outs::cases() as $outs) {
            $of = " with $outs->value out";
            self::assertEqualsWithDelta(
                $published->secondScoresOnSingle($outs),
                $hits->secondScores($outs),
                0.05,
                'second to home on a single' . $of,
            );
            self::assertEqualsWithDelta(
                $published->firstToThirdOnSingle($outs),
                $hits->firstToThird($outs),
                0.05,
                'first to third on a single' . $of,
            );
            self::assertLessThan(0.05, $hits->outAtHome($outs), 'out at home' . $of);
        }
        self::assertGreaterThan(0.01, $hits->outAtHome(Outs::Two), 'with two out they try more');
        self::assertEqualsWithDelta($published->thirdScoresOnAir, $hits->thirdScoresOnAir(), 0.05);
        self::assertEqualsWithDelta($published->secondToThirdOnAir, $hits->secondToThirdOnAir(), 0.05);
        self::assertEqualsWithDelta(0.15, $hits->extraBases(), 0.04, 'of hits that stay in the field');
    }

    #[TestWith([Level::HighSchool])]
    #[TestWith([Level::Fastpitch12])]
    public function testTheChainOfRunsTakesItsSharesFromTheEngine(Level $level): void
    {
        $hits = (new LevelFigures($level))->hits();
        $chain = $level->profile()->advancement();
        foreach (Outs::cases() as $outs) {
            self::assertEqualsWithDelta($hits->secondScores($outs), $chain->secondScoresOnSingle($outs), 0.03);
            self::assertEqualsWithDelta($hits->firstToThird($outs), $chain->firstToThirdOnSingle($outs), 0.03);
            self::assertEqualsWithDelta($hits->firstScoresOnDouble($outs), $chain->firstScoresOnDouble($outs), 0.05);
        }
        self::assertEqualsWithDelta($hits->thirdScoresOnAir(), $chain->thirdScoresOnAir, 0.03, 'tests/Tools/shares');
        self::assertEqualsWithDelta($hits->secondToThirdOnAir(), $chain->secondToThirdOnAir, 0.03);
    }
}
