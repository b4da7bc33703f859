<?php

declare(strict_types=1);

namespace FoxCorner\Core\Field;

/** A bag, or home plate; the value is the base's number in running order, home last. */
enum Base: int
{
    case First = 1;
    case Second = 2;
    case Third = 3;
    case Home = 4;

    /** As spoken: "first", "home". */
    public function word(): string
    {
        return strtolower($this->name);
    }

    /** The next base a runner wants, or null after home. */
    public function next(): ?self
    {
        return self::tryFrom($this->value + 1);
    }
}
