<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Runs;

use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Runs\Advancement;
use FoxCorner\Core\Runs\EventRates;
use FoxCorner\Core\Runs\Outcome;
use FoxCorner\Core\Runs\PlateAppearance;
use FoxCorner\Core\Runs\RunChain;
use FoxCorner\Core\Runs\WinTable;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class RunsTest extends TestCase
{
    /** The published table for the rates of {@see self::majorLeague()}, by outs. */
    private const PUBLISHED = [
        'none' => [0.481, 0.254, 0.098],
        'R1' => [0.859, 0.509, 0.224],
        'R2' => [1.1, 0.664, 0.319],
        'R1R2' => [1.437, 0.884, 0.429],
        'R3' => [1.35, 0.95, 0.353],
        'R1R3' => [1.784, 1.13, 0.478],
        'R2R3' => [1.964, 1.376, 0.58],
        'loaded' => [2.292, 1.541, 0.752],
    ];

    /** Of years that were not fitted, rounded from what is generally known of them: rates, and the table. */
    private const HELD_OUT = [
        '1969 to 1992' => [
            [0.0905, 0.167, 0.0385, 0.006, 0.0205, 0.137, 0.0135],
            [
                'none' => [0.477, 0.252, 0.094],
                'R1' => [0.853, 0.504, 0.216],
                'R2' => [1.102, 0.678, 0.325],
                'R1R2' => [1.476, 0.902, 0.435],
                'R3' => [1.34, 0.943, 0.373],
                'R1R3' => [1.715, 1.149, 0.484],
                'R2R3' => [1.967, 1.38, 0.594],
                'loaded' => [2.343, 1.545, 0.752],
            ],
        ],
        '1993 to 2010' => [
            [0.096, 0.1575, 0.0466, 0.0049, 0.0277, 0.168, 0.0105],
            [
                'none' => [0.544, 0.291, 0.112],
                'R1' => [0.941, 0.562, 0.245],
                'R2' => [1.17, 0.721, 0.348],
                'R1R2' => [1.556, 0.963, 0.471],
                'R3' => [1.433, 0.989, 0.385],
                'R1R3' => [1.853, 1.211, 0.53],
                'R2R3' => [2.05, 1.447, 0.626],
                'loaded' => [2.39, 1.631, 0.814],
            ],
        ],
    ];

    /** With the model's shares, and with those of ground balls that the engine gives. */
    public function testThePublishedTableComesOut(): void
    {
        foreach ([new Advancement(), Level::Pro->profile()->advancement()] as $moves) {
            self::assertTable(0.028, self::PUBLISHED, RunChain::of(self::majorLeague(), $moves), 'fitted');
        }
    }

    public function testAndThoseOfYearsThatWereNotFitted(): void
    {
        foreach (self::HELD_OUT as $years => [$rates, $table]) {
            $chain = RunChain::of(EventRates::of(...$rates), Level::Pro->profile()->advancement());
            self::assertTable(0.03, $table, $chain, $years);
        }
    }

    /**
     * @param float                      $most  root-mean-square error over the 24 cells
     * @param array<string, list<float>> $table by outs
     */
    private static function assertTable(float $most, array $table, RunChain $chain, string $what): void
    {
        $squares = 0.0;
        foreach (RunChain::situations() as $situation) {
            $known = $table[$situation->bases->value][$situation->outs->value] ?? \NAN;
            $ours = $chain->expectedRuns($situation);
            self::assertEqualsWithDelta($known, $ours, 0.08, "$what, {$situation->key()}");
            $squares += ($ours - $known) ** 2;
        }
        self::assertLessThan($most, sqrt($squares / 24), $what);
    }

    /** Who throws to second for the force lets the run in: he had the ball and looked at third, or did not. */
    public function testAForceAtSecondLetsTheRunnerOnThirdScore(): void
    {
        $moves = new Advancement(thirdScoresOnGround: 0.0, doublePlay: 0.0, forceOut: 1.0, groundShare: 1.0);
        $outs = EventRates::of(0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0);
        foreach ((new PlateAppearance($outs, $moves))->outcomes(Situation::fromKey('R1R3-0')) as $outcome) {
            self::assertSame($outcome->chance > 0.0 ? 1 : $outcome->runs, $outcome->runs);
        }
    }

    public function testChancesSumToOne(): void
    {
        $appearance = new PlateAppearance(self::majorLeague(), new Advancement());
        $chain = RunChain::of(self::majorLeague());
        foreach (RunChain::situations() as $situation) {
            $outcomes = $appearance->outcomes($situation);
            self::assertEqualsWithDelta(
                1.0,
                array_sum(array_map(static fn(Outcome $outcome): float => $outcome->chance, $outcomes)),
                1e-9,
                $situation->key(),
            );
            self::assertEqualsWithDelta(1.0, array_sum($chain->runs($situation)), 1e-9, $situation->key());
            foreach ($outcomes as $outcome) {
                self::assertGreaterThanOrEqual(0.0, $outcome->chance);
                if ($outcome->chance > 0.0 && $situation->outs->value + $outcome->outs < 3) {
                    $before = \count($situation->bases->occupied()) + 1;
                    $after = substr_count(decbin($outcome->on), '1') + $outcome->outs + $outcome->runs;
                    self::assertSame($before, $after, "nobody appears or vanishes from {$situation->key()}");
                }
            }
        }
    }

    public function testTheExactSolutionIsWhereIterationLeads(): void
    {
        $appearance = new PlateAppearance(self::majorLeague(), new Advancement());
        $chain = RunChain::of(self::majorLeague());
        $values = [];
        for ($round = 0; $round < 400; ++$round) {
            $next = [];
            foreach (RunChain::situations() as $situation) {
                $sum = 0.0;
                foreach ($appearance->outcomes($situation) as $outcome) {
                    $outs = $situation->outs->value + $outcome->outs;
                    $sum +=
                        $outcome->chance * ($outcome->runs + ($outs > 2 ? 0.0 : $values[$outcome->on][$outs] ?? 0.0));
                }
                $next[self::bits($situation->bases)][$situation->outs->value] = $sum;
            }
            $values = $next;
        }
        foreach (RunChain::situations() as $situation) {
            self::assertEqualsWithDelta(
                $values[self::bits($situation->bases)][$situation->outs->value] ?? \NAN,
                $chain->expectedRuns($situation),
                1e-9,
            );
        }
    }

    public function testTheDistributionHasTheExpectedRunsAsItsMean(): void
    {
        $chain = RunChain::of(self::majorLeague());
        foreach (RunChain::situations() as $situation) {
            $mean = 0.0;
            foreach ($chain->runs($situation) as $runs => $chance) {
                $mean += $runs * $chance;
            }
            self::assertEqualsWithDelta($chain->expectedRuns($situation), $mean, 0.001, $situation->key());
            self::assertEqualsWithDelta(1 - $chain->runs($situation)[0], $chain->scoringChance($situation), 1e-12);
        }
    }

    public function testMoreRunnersAndFewerOutsAreWorthMore(): void
    {
        $chain = RunChain::of(self::majorLeague());
        foreach (Bases::cases() as $bases) {
            self::assertGreaterThan(
                $chain->expectedRuns(Situation::of($bases, Outs::One)),
                $chain->expectedRuns(Situation::of($bases, Outs::None)),
            );
            self::assertGreaterThan(
                $chain->expectedRuns(Situation::of($bases, Outs::Two)),
                $chain->expectedRuns(Situation::of($bases, Outs::One)),
            );
        }
        self::assertGreaterThan(
            $chain->scoringChance(Situation::fromKey('R2-0')),
            $chain->scoringChance(Situation::fromKey('R3-0')),
        );
    }

    #[TestWith([-0.1, 0.2, 'walk'])]
    #[TestWith([0.5, 0.6, 'rates'])]
    #[TestWith([0.1, 1.2, 'single'])]
    public function testRatesThatCannotBe(float $walk, float $single, string $field): void
    {
        try {
            EventRates::of($walk, $single, 0, 0, 0, 0, 0);
            self::fail('No such rates may exist.');
        } catch (Problem $problem) {
            self::assertSame($field, $problem->field());
        }
    }

    public function testWinChances(): void
    {
        $win = WinTable::of(RunChain::of(self::majorLeague()), 9);
        $start = Situation::fromKey('none-0');

        self::assertEqualsWithDelta(0.5, $win->homeWins(1, Half::Top, 0, $start), 0.02, 'even teams');
        self::assertGreaterThan(0.9, $win->homeWins(9, Half::Top, 2, $start));
        self::assertSame(1.0, $win->homeWins(9, Half::Bottom, 1, $start), 'ahead in the last half');
        self::assertLessThan(0.06, $win->homeWins(9, Half::Bottom, -3, $start));
        self::assertGreaterThan(
            $win->homeWins(9, Half::Bottom, 0, Situation::fromKey('R1-1')),
            $win->homeWins(9, Half::Bottom, 0, Situation::fromKey('R3-1')),
        );
        self::assertEqualsWithDelta(
            $win->homeWins(9, Half::Bottom, 0, $start),
            $win->homeWins(12, Half::Bottom, 0, $start),
            1e-12,
            'extra innings are the last inning again',
        );
        for ($lead = -9; $lead <= 10; ++$lead) {
            foreach ([Half::Top, Half::Bottom] as $half) {
                self::assertGreaterThanOrEqual(
                    $win->homeWins(5, $half, $lead - 1, $start),
                    $win->homeWins(5, $half, $lead, $start),
                );
            }
        }
    }

    public function testTheExtraInningIsAFixedPoint(): void
    {
        foreach ([false, true] as $runner) {
            $win = WinTable::of(RunChain::of(self::majorLeague()), 7, $runner);
            $tiedWithTwoOutInTheLast = $win->homeWins(7, Half::Bottom, 0, Situation::fromKey('none-2'));
            self::assertEqualsWithDelta(0.5, $tiedWithTwoOutInTheLast, 0.06, 'even teams are even again');
        }
    }

    /** Both halves begin with a runner on second: even teams are even, and who bats last needs one run of his own. */
    public function testTheRunnerOnSecondStandsInBothHalvesOfAnExtraInning(): void
    {
        $chain = RunChain::of(self::majorLeague());
        $win = WinTable::of($chain, 7, true);
        $second = Situation::fromKey('R2-0');
        $none = $chain->runs($second)[0];
        $one = $chain->runs($second)[1];

        self::assertEqualsWithDelta(0.5, $win->homeWins(8, Half::Top, 0, $second), 1e-6);
        self::assertEqualsWithDelta(0.5, $win->homeWins(11, Half::Top, 0, $second), 1e-6, 'in every one of them');
        self::assertEqualsWithDelta(1 - $none + $none / 2, $win->homeWins(8, Half::Bottom, 0, $second), 1e-6);
        self::assertEqualsWithDelta(
            1 - $none - $one + $one / 2,
            $win->after(8, Half::Top, -1, null),
            1e-6,
            'a run behind with a runner on second',
        );
        self::assertEqualsWithDelta(
            $win->homeWins(7, Half::Bottom, -1, Situation::fromKey('none-0')),
            $win->after(7, Half::Top, -1, null),
            1e-6,
            'the last inning that is played begins with nobody on',
        );
        self::assertGreaterThan($win->after(7, Half::Top, -1, null) + 0.1, $win->after(8, Half::Top, -1, null));
    }

    private static function majorLeague(): EventRates
    {
        return EventRates::of(0.0875, 0.1535, 0.0448, 0.0048, 0.0262, 0.196, 0.009);
    }

    private static function bits(Bases $bases): int
    {
        return array_sum(array_map(static fn($base): int => 1 << ($base->value - 1), $bases->occupied()));
    }
}
