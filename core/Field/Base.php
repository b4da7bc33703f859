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

    /** The base that is spoken of so; null when none is. */
    public static function ofWord(string $word): ?self
    {
        foreach (self::cases() as $base) {
            if ($base->word() === $word) {
                return $base;
            }
        }

        return null;
    }

    /** @return list<string> all of them, as spoken */
    public static function words(): array
    {
        return array_map(static fn(self $base): string => $base->word(), self::cases());
    }

    /** The next base a runner wants, or null after home. */
    public function next(): ?self
    {
        return self::tryFrom($this->value + 1);
    }
}
