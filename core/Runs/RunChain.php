<?php

declare(strict_types=1);

namespace FoxCorner\Core\Runs;

use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;

/**
 * A half-inning as a Markov chain of the 24 situations, solved exactly: expected runs to its end, the
 * chance of at least one, and the distribution.
 */
final readonly class RunChain
{
    /** Runs of a half-inning that the distribution tells apart; the rest is added to the last. */
    public const MOST_RUNS = 15;

    /**
     * @param array<int, float>       $expected     by index of the situation
     * @param array<int, list<float>> $distribution chance of 0, 1, 2 … runs, by index
     */
    private function __construct(private array $expected, private array $distribution) {}

    public static function of(EventRates $rates, Advancement $advancement = new Advancement()): self
    {
        $appearance = new PlateAppearance($rates, $advancement);
        /**
         * @var array<int, array<int, array<int, float>>> $moves by runs, from, to; the end of the inning is not a
         *                                                state
         */
        $moves = [];
        $runs = $ends = [];
        foreach (self::situations() as $from => $situation) {
            $runs[$from] = 0.0;
            foreach ($appearance->outcomes($situation) as $outcome) {
                $runs[$from] += $outcome->chance * $outcome->runs;
                $outs = $situation->outs->value + $outcome->outs;
                if ($outs > 2) {
                    $ends[$outcome->runs][$from] = ($ends[$outcome->runs][$from] ?? 0.0) + $outcome->chance;
                    continue;
                }
                $to = self::index(self::occupied($outcome->on), Outs::from($outs));
                $moves[$outcome->runs][$from][$to] = ($moves[$outcome->runs][$from][$to] ?? 0.0) + $outcome->chance;
            }
        }

        return new self(self::expected($moves, $runs), self::distribution($moves, $ends));
    }

    /** Runs from here to the end of the half-inning. */
    public function expectedRuns(Situation $situation): float
    {
        return $this->expected[self::index($situation->bases, $situation->outs)];
    }

    /** The chance of at least one run. */
    public function scoringChance(Situation $situation): float
    {
        return 1 - $this->distribution[self::index($situation->bases, $situation->outs)][0];
    }

    /** @return list<float> the chance of 0, 1, 2 … runs; the last stands for that many or more */
    public function runs(Situation $situation): array
    {
        return $this->distribution[self::index($situation->bases, $situation->outs)];
    }

    /** @return list<Situation> */
    public static function situations(): array
    {
        $situations = [];
        foreach (Bases::cases() as $bases) {
            foreach (Outs::cases() as $outs) {
                $situations[] = Situation::of($bases, $outs);
            }
        }

        return $situations;
    }

    /**
     * V = (I − Q)⁻¹ r.
     *
     * @param array<int, array<int, array<int, float>>> $moves
     * @param array<int, float>                         $runs
     *
     * @return array<int, float>
     */
    private static function expected(array $moves, array $runs): array
    {
        $rows = self::identity();
        foreach ($moves as $byFrom) {
            foreach ($byFrom as $from => $tos) {
                foreach ($tos as $to => $chance) {
                    $rows[$from][$to] -= $chance;
                }
            }
        }

        return array_column(
            (new LinearSystem($rows))->solve(
                array_map(static fn(float $value): array => [$value], array_values($runs)),
            ),
            0,
        );
    }

    /**
     * The chance of n runs solves (I − T₀) aₙ = eₙ + Σ Tᵣ aₙ₋ᵣ, where Tᵣ moves with r runs and e ends the inning.
     *
     * @param array<int, array<int, array<int, float>>> $moves
     * @param array<int, array<int, float>>             $ends
     *
     * @return array<int, list<float>>
     */
    private static function distribution(array $moves, array $ends): array
    {
        $rows = self::identity();
        foreach ($moves[0] ?? [] as $from => $tos) {
            foreach ($tos as $to => $chance) {
                $rows[$from][$to] -= $chance;
            }
        }
        $inverse = (new LinearSystem($rows))->solve(self::identity());
        $size = \count($rows);
        $distribution = array_fill(0, $size, []);
        for ($runs = 0; $runs < self::MOST_RUNS; ++$runs) {
            $side = [];
            for ($from = 0; $from < $size; ++$from) {
                $side[$from] = $ends[$runs][$from] ?? 0.0;
                for ($scored = 1; $scored <= min(4, $runs); ++$scored) {
                    foreach ($moves[$scored][$from] ?? [] as $to => $chance) {
                        $side[$from] += $chance * $distribution[$to][$runs - $scored];
                    }
                }
            }
            for ($from = 0; $from < $size; ++$from) {
                $sum = 0.0;
                foreach ($inverse[$from] as $via => $factor) {
                    $sum += $factor * $side[$via];
                }
                $distribution[$from][$runs] = $sum;
            }
        }

        return array_map(
            static fn(array $chances): array => [...array_values($chances), max(0.0, 1 - array_sum($chances))],
            $distribution,
        );
    }

    /** @return list<list<float>> a row and a column for each of {@see self::situations()} */
    public static function identity(): array
    {
        $size = \count(Bases::cases()) * \count(Outs::cases());
        $rows = [];
        for ($row = 0; $row < $size; ++$row) {
            $rows[] = [...array_fill(0, $row, 0.0), 1.0, ...array_fill(0, $size - 1 - $row, 0.0)];
        }

        return $rows;
    }

    private static function index(Bases $bases, Outs $outs): int
    {
        return 3 * (int) array_search($bases, Bases::cases(), true) + $outs->value;
    }

    /** @param int $on 1 first, 2 second, 4 third, added */
    private static function occupied(int $on): Bases
    {
        return Bases::fromMask($on);
    }
}
