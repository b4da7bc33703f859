<?php

declare(strict_types=1);

namespace FoxCorner\Core\Runs;

/** A square system of linear equations, solved for several right-hand sides. */
final readonly class LinearSystem
{
    /** @param array<int, array<int, float>> $rows */
    public function __construct(private array $rows) {}

    /**
     * Gaussian elimination with pivots.
     *
     * @param array<int, array<int, float>> $sides one column for each row of the system
     *
     * @return array<int, array<int, float>> the solutions, in the same shape
     *
     * @throws \LogicException when the system has no single solution
     */
    public function solve(array $sides): array
    {
        $a = $this->rows;
        $size = \count($a);
        for ($column = 0; $column < $size; ++$column) {
            $pivot = $column;
            for ($row = $column + 1; $row < $size; ++$row) {
                if (abs($a[$row][$column]) > abs($a[$pivot][$column])) {
                    $pivot = $row;
                }
            }
            if (abs($a[$pivot][$column]) < 1e-12) {
                throw new \LogicException('The system has no single solution.');
            }
            [$a[$column], $a[$pivot]] = [$a[$pivot], $a[$column]];
            [$sides[$column], $sides[$pivot]] = [$sides[$pivot], $sides[$column]];
            for ($row = 0; $row < $size; ++$row) {
                if ($row === $column || 0.0 === $a[$row][$column]) {
                    continue;
                }
                $factor = $a[$row][$column] / $a[$column][$column];
                for ($k = $column; $k < $size; ++$k) {
                    $a[$row][$k] -= $factor * $a[$column][$k];
                }
                foreach ($sides[$column] as $k => $value) {
                    $sides[$row][$k] -= $factor * $value;
                }
            }
        }

        foreach ($sides as $row => $side) {
            foreach ($side as $k => $value) {
                $sides[$row][$k] = $value / $a[$row][$row];
            }
        }

        return $sides;
    }
}
