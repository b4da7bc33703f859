<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays;

use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Play\Scheme\Branch;

/** A branch of a play as a column of the form: who fields, by number, or the branch's place in the list. */
final readonly class BranchColumn
{
    private function __construct(public string $id, public Branch $branch) {}

    /** @return list<self> */
    public static function all(PlayFamily $family): array
    {
        $columns = [];
        foreach ($family->branches() as $index => $branch) {
            $isOnlyFielded =
                $branch->key() === (null === $branch->fieldedBy ? '' : Branch::fieldedBy($branch->fieldedBy)->key());
            $columns[] = new self($isOnlyFielded ? (string) $branch->fieldedBy?->value : 'b' . $index, $branch);
        }

        return $columns;
    }
}
