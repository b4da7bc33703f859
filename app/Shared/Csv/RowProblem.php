<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Csv;

/** One cell that cannot be: where it is, what is wrong, what is allowed. */
final readonly class RowProblem
{
    /** @param int $row as a spreadsheet counts, the headings being row 1 */
    public function __construct(public int $row, public string $column, public string $wrong, public string $allowed) {}
}
