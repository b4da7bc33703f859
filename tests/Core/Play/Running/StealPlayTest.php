<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play\Running;

use FoxCorner\Core\Family\Steal\StealFamily;
use FoxCorner\Core\Family\Steal\StealTrial;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\Traits;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Choice\AfterPlay;
use FoxCorner\Core\Play\Running\StealKind;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Runners go, and the nine answer. */
final class StealPlayTest extends TestCase
{
    #[TestWith(['right', 'steal-by-batter', 4])]
    #[TestWith(['left', 'steal-by-batter', 6])]
    #[TestWith(['right', 'steal-shortstop', 6])]
    #[TestWith(['left', 'steal-second-baseman', 4])]
    public function testWhoTakesTheThrowAtSecond(string $batter, string $coverage, int $taker): void
    {
        $timeline = self::planned('R1-0', $batter, $coverage)->run(StealTrial::going(StealKind::Straight));

        self::assertSame($taker, $timeline->called()->cover?->value);
        self::assertSame(Position::Catcher, $timeline->fieldedBy());
        self::assertSame('Back up second', $timeline->move(Position::from(4 === $taker ? 6 : 4))->jobs[0]->words);
        self::assertSame('Up and through to second', $timeline->move(Position::Catcher)->jobs[0]->words);
    }

    public function testMeasuredTimesMoveTheFigures(): void
    {
        $nine = Teams::nine();
        $nine[0] = Teams::with($nine[0], Traits::of(Hand::Right, Bats::Right, timeToPlate: 1.2));
        $nine[1] = Teams::with($nine[1], Traits::of(Hand::Right, Bats::Right, armMph: 80.0, exchange: 0.7));
        $state = Teams::state('baseball-90-7', 'R1-0');
        $quick = PlannedPlay::of(
            Teams::plan($state, Level::HighSchool, $nine),
            new StealFamily(),
            PlanBook::shipped($state->rules),
        )->run(StealTrial::going(StealKind::Straight));
        $usual = self::planned('R1-0')->run(StealTrial::going(StealKind::Straight));

        self::assertEqualsWithDelta(1.9, $quick->called()->released, 1e-9);
        self::assertEqualsWithDelta(2.2, $usual->called()->released, 1e-9);
        self::assertGreaterThan($usual->called()->chance + 0.2, $quick->called()->chance);
        $led = self::planned('R1-0')->run(StealTrial::going(StealKind::Straight, 20.0));
        self::assertLessThan($usual->called()->chance - 0.15, $led->called()->chance);
    }

    public function testADoubleStealIsThrownAtOneOfThem(): void
    {
        $timeline = self::planned('R1R2-0')->run(
            StealTrial::going(StealKind::Straight),
            Teams::cost(Level::HighSchool),
        );
        $cost = Teams::cost(Level::HighSchool);
        [$third, $second] = $timeline->options();

        self::assertSame([Base::Third, Base::Second], [$third->base, $second->base]);
        self::assertCount(2, $timeline->runners);
        $after = new AfterPlay($cost, $timeline->setting->situation);
        self::assertEqualsWithDelta(
            $third->chance * $after->of([1 => 2, 2 => null]) + (1 - $third->chance) * $after->of([1 => 2, 2 => 3]),
            $third->cost,
            0.08,
            'but for the throws that get by',
        );
        self::assertSame(min($third->cost, $second->cost), $timeline->called()->cost);
    }

    public function testHomeIsThePitchersToThrow(): void
    {
        $timeline = self::planned('R3-1')->run(StealTrial::going(StealKind::Straight));

        self::assertSame(Position::Pitcher, $timeline->fieldedBy());
        self::assertSame(Position::Catcher, $timeline->called()->cover);
        self::assertEqualsWithDelta(1.42, $timeline->called()->ballThere, 1e-9);
        self::assertGreaterThan(0.9, $timeline->called()->chance);
    }

    public function testItDoesNotAriseEverywhere(): void
    {
        $family = new StealFamily();
        $at = static fn(string $rules, string $situation): array => $family->coverages(
            Teams::state($rules, $situation)->rules,
            Teams::state($rules, $situation)->situation,
        );

        self::assertCount(3, $at('baseball-90', 'R1-0'));
        self::assertSame('steal-shortstop', $at('fastpitch-43', 'R1-0')[0]->key);
        self::assertSame([], $at('baseball-90', 'R1R3-0'));
        self::assertSame([], $at('baseball-90', 'none-0'));
        self::assertSame([], $at('slowpitch-65', 'R1-0'));
        self::assertStringContainsString(
            'no steal',
            $family->whyNot(
                Teams::state('slowpitch-65', 'R1-0')->rules,
                Teams::state('slowpitch-65', 'R1-0')->situation,
            ),
        );
    }

    public function testEverybodyHasAJobAndSomebodyIsBehindTheThrow(): void
    {
        foreach (['R1-0', 'R2-1', 'R1R2-0', 'R3-2', 'R2R3-0', 'loaded-1'] as $situation) {
            foreach (['right', 'left'] as $batter) {
                $play = self::planned($situation, $batter);
                foreach ($play->sheet() as $trial) {
                    $timeline = $play->run($trial);
                    foreach ($timeline->moves as $number => $move) {
                        self::assertCount(1, $move->jobs, "$situation: $number");
                    }
                    self::assertTrue(
                        Base::Home === $timeline->called()->base || $timeline->isBackedUp($timeline->called()->base),
                        $situation,
                    );
                }
            }
        }
    }

    public function testATrialComesBackFromItsFields(): void
    {
        $family = new StealFamily();
        $rules = Teams::state()->rules;
        $trial = StealTrial::going(StealKind::Delayed, 13.0);

        self::assertEquals($trial, $family->trial($trial->fields(), Teams::scene($rules->key)));
        $this->expectException(Problem::class);
        $family->trial(['kind' => 'backwards'], Teams::scene($rules->key));
    }

    private static function planned(string $situation, string $batter = 'right', ?string $coverage = null): PlannedPlay
    {
        $state = Teams::state('baseball-90-7', $situation, batter: BatterType::from($batter));

        return PlannedPlay::of(
            Teams::plan($state, Level::HighSchool),
            new StealFamily(),
            PlanBook::shipped($state->rules),
            $coverage,
        );
    }
}
