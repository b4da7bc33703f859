<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Scheme;

/** One of a handful of ways in which something is done: picked by its name, kept by its value. */
interface Kind extends \BackedEnum
{
    public function label(): string;
}
