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
    /** Around the published shape. */
    private const NEAR = 0.1501;

    public function testProfessionalsRunAsIsPublished(): void
    {
        $hits = (new LevelFigures(Level::Pro))->hits();
        $ours = $hits->advancement();
        $published = new Advancement();
        foreach (Outs::cases() as $outs) {
            $of = " with $outs->value out";
            self::assertEqualsWithDelta(
                $published->secondScoresOnSingle($outs),
                $ours->secondScoresOnSingle($outs),
                0.065,
                'second to home on a single' . $of,
            );
            self::assertEqualsWithDelta(
                $published->firstToThirdOnSingle($outs),
                $ours->firstToThirdOnSingle($outs),
                0.07,
                'first to third on a single' . $of,
            );
            self::assertEqualsWithDelta(
                $published->firstScoresOnDouble($outs),
                $ours->firstScoresOnDouble($outs),
                0.12,
                'first to home on a double' . $of,
            );
            self::assertLessThan(0.05, $hits->outAtHome($outs), 'out at home' . $of);
        }
        self::assertGreaterThan(0.005, $hits->outAtHome(Outs::Two), 'with two out they try more');
        self::assertEqualsWithDelta($published->thirdScoresOnAir, $hits->thirdScoresOnAir(), 0.05);
        self::assertEqualsWithDelta($published->secondToThirdOnAir, $hits->secondToThirdOnAir(), 0.05);
        self::assertEqualsWithDelta(0.15, $hits->extraBases(), 0.04, 'of hits that stay in the field');
    }

    public function testEveryLevelRunsInThePublishedShape(): void
    {
        $published = new Advancement();
        foreach (Level::cases() as $level) {
            $of = $level->profile()->advancement();
            foreach (Outs::cases() as $outs) {
                $where = "$level->value, $outs->value out";
                $single = $of->secondScoresOnSingle($outs);
                self::assertEqualsWithDelta($published->secondScoresOnSingle($outs), $single, self::NEAR, $where);
                $third = $of->firstToThirdOnSingle($outs);
                self::assertEqualsWithDelta($published->firstToThirdOnSingle($outs), $third, self::NEAR, $where);
                $double = $of->firstScoresOnDouble($outs);
                self::assertEqualsWithDelta($published->firstScoresOnDouble($outs), $double, self::NEAR, $where);
            }
            foreach ([$of->secondScoresOnSingle, $of->firstToThirdOnSingle, $of->firstScoresOnDouble] as $shares) {
                self::assertGreaterThanOrEqual($shares[0], $shares[1], $level->value . ': with one out no fewer');
                self::assertGreaterThan($shares[1], $shares[2], $level->value . ': with two out they go with the ball');
            }
        }
    }

    #[TestWith([Level::HighSchool])]
    #[TestWith([Level::Fastpitch12])]
    #[TestWith([Level::Fastpitch16])]
    public function testTheChainOfRunsTakesItsSharesFromTheEngine(Level $level): void
    {
        $ours = (new LevelFigures($level))->hits()->advancement();
        $chain = $level->profile()->advancement();
        foreach (Outs::cases() as $outs) {
            self::assertEqualsWithDelta($ours->secondScoresOnSingle($outs), $chain->secondScoresOnSingle($outs), 0.03);
            self::assertEqualsWithDelta($ours->firstToThirdOnSingle($outs), $chain->firstToThirdOnSingle($outs), 0.03);
            self::assertEqualsWithDelta($ours->firstScoresOnDouble($outs), $chain->firstScoresOnDouble($outs), 0.05);
        }
        self::assertEqualsWithDelta($ours->thirdScoresOnAir, $chain->thirdScoresOnAir, 0.03, 'tests/Tools/shares');
        self::assertEqualsWithDelta($ours->secondToThirdOnAir, $chain->secondToThirdOnAir, 0.03);
    }
}
