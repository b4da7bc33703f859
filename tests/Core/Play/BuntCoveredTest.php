<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\Bunt\BuntGrid;
use FoxCorner\Core\Family\Bunt\BuntTrial;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Clock\Move;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\JobKind;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Everybody moves and every bag that matters is covered, under each coverage. */
final class BuntCoveredTest extends TestCase
{
    use OneBunt;

    #[DataProvider('coverages')]
    public function testNobodyStandsStillAndEveryBagThatMattersIsCovered(PlannedPlay $plan): void
    {
        foreach (BuntGrid::sample($plan->plan->state->rules) as $bunt) {
            $play = $plan->run($bunt);
            foreach ($play->moves as $number => $move) {
                self::assertCount(1, $move->jobs, "one job for $number when {$play->fieldedBy()->value} fields");
            }
            foreach ($play->moves as $number => $move) {
                // Whoever converges may happen to be clear of the lane already.
                self::assertTrue(
                    $move->there() > 0.1 || JobKind::Converge === $move->jobs[0]->kind,
                    "$number moves when {$play->fieldedBy()->value} fields",
                );
            }
            foreach (Base::cases() as $base) {
                self::assertCount(1, $play->covers($base), "{$base->word()} when {$play->fieldedBy()->value} fields");
            }
        }
    }

    /** @return iterable<string, array{PlannedPlay}> */
    public static function coverages(): iterable
    {
        foreach (
            [
                'fastpitch-43' => Level::Fastpitch16,
                'baseball-80' => Level::Youth13,
                'baseball-60' => Level::Youth10,
                'baseball-90' => Level::Pro,
            ] as $rules => $level
        ) {
            foreach (Bases::cases() as $bases) {
                foreach (Teams::bunt(Teams::state($rules, $bases->value . '-0'), $level)->coverages as $coverage) {
                    yield "$coverage->key, $bases->value, $rules" => [
                        Teams::bunt(Teams::state($rules, $bases->value . '-0'), $level, coverage: $coverage->key),
                    ];
                }
            }
        }
    }

    public function testWhoFieldsDecidesWhoCoversThird(): void
    {
        $plan = Teams::bunt(coverage: 'corners-crash');
        $byFive = self::bunt($plan, -35, 35);
        $byOne = self::bunt($plan, 3, 60);

        self::assertSame(Position::ThirdBase, $byFive->fieldedBy());
        self::assertSame([Position::Catcher], self::positions($byFive->covers(Base::Third)));
        self::assertSame([Position::Pitcher], self::positions($byFive->covers(Base::Home)));
        self::assertSame(Position::Pitcher, $byOne->fieldedBy());
        self::assertSame([Position::ThirdBase], self::positions($byOne->covers(Base::Third)));
    }

    public function testTheDrawnPlayKeepsTheComputedTimes(): void
    {
        $play = self::bunt(Teams::bunt(), -20, 30);
        $second = $play->setting->bag(Base::Second);

        self::assertEqualsWithDelta($play->options()[0]->runnerThere, $play->runners['R1']->end()->seconds, 1e-6);
        self::assertLessThan(0.01, $play->runners['R1']->end()->point->distanceTo($second));
        self::assertEqualsWithDelta($play->called()->ballThere, $play->ball->end()->seconds, 1e-9);
        self::assertLessThan(
            0.01,
            $play->ball
                ->at($play->fieldedAt())
                ->distanceTo($play->move($play->fieldedBy())->track->at($play->fieldedAt())),
            'ball and fielder meet',
        );
        self::assertLessThan(0.01, $play->ball->at(0.0)->distanceTo(Point::home()));
        foreach ($play->moves as $move) {
            $before = -1.0;
            foreach ($move->track->keyframes as $frame) {
                self::assertGreaterThanOrEqual($before, $frame->seconds);
                $before = $frame->seconds;
            }
        }
    }

    public function testBackUpsStandBehindTheBagInLineWithTheThrow(): void
    {
        $play = self::bunt(Teams::bunt(), -20, 30);
        $right = $play->move(Position::RightField);
        $bag = $play->setting->bag(Base::First);
        $from = $play->ball->at($play->fieldedAt());
        $end = $right->track->end()->point;

        self::assertSame(JobKind::BackUp, $right->jobs[0]->kind);
        self::assertEqualsWithDelta(
            $from->distanceTo($bag) + $bag->distanceTo($end),
            $from->distanceTo($end),
            1e-6,
            'in line',
        );
        self::assertEqualsWithDelta(0.4 * $from->distanceTo($bag), $bag->distanceTo($end), 1e-6, 'a short throw');
        self::assertEqualsWithDelta(21.8, $bag->distanceTo($end), 0.1);
    }

    /**
     * @param list<Move> $moves
     *
     * @return list<Position>
     */
    private static function positions(array $moves): array
    {
        return array_map(static fn(Move $move): Position => $move->position(), $moves);
    }

    /** His read: where the others have hardly an out and he has one, he leaves his bag, and nowhere else. */
    public function testWhoIsInReserveTakesWhatOnlyHeMakesAnOutOf(): void
    {
        $surest = static fn(Timeline $play): float => max(
            array_map(static fn(ThrowOption $one): float => $one->chance, $play->options()),
        );
        $took = $left = 0;
        foreach ([[Level::Pro, 'baseball-90'], [Level::HighSchool, 'baseball-90-7']] as [$level, $rules]) {
            foreach (['R2-0', 'R1R2-0', 'R1R2-1'] as $situation) {
                $reads = Teams::bunt(Teams::state($rules, $situation), $level, coverage: 'third-reads');
                $crash = Teams::bunt(Teams::state($rules, $situation), $level, coverage: 'corners-crash');
                foreach ([-43.0, -38.0, -25.0, 0.0] as $degrees) {
                    foreach ([15.0, 30.0, 45.0, 60.0] as $feet) {
                        $trial = BuntTrial::restingAt($feet, $degrees, $reads->plan->state->rules);
                        [$play, $other] = [$reads->run($trial), $crash->run($trial)];
                        Position::ThirdBase === $play->fieldedBy() ? ++$took : ++$left;
                        self::assertGreaterThan(
                            min(0.5, $surest($other)) - 0.1,
                            $surest($play),
                            "$rules $situation, $feet ft at $degrees: given away",
                        );
                    }
                }
            }
        }
        self::assertGreaterThan(10, $took);
        self::assertGreaterThan(50, $left);
    }
}
