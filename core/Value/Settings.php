<?php

declare(strict_types=1);

namespace FoxCorner\Core\Value;

use FoxCorner\Core\Problem\Problem;

/** What a team sets of one family of plays beside its coverages, kept as values by name. */
interface Settings
{
    /** As it comes with the program. */
    public static function ordinary(): static;

    /**
     * @param array<string, float|int|string> $values what differs from the ordinary, by name
     *
     * @throws Problem when a name is not known or a value not allowed
     */
    public static function ofValues(array $values): static;

    /** @return array<string, float|int|string> what differs from the ordinary, by name */
    public function values(): array;
}
