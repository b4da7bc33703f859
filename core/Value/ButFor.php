<?php

declare(strict_types=1);

namespace FoxCorner\Core\Value;

/** How an immutable value is changed: whatever is not named stays as it is, so that nothing can be forgotten. */
trait ButFor
{
    /**
     * The same but for what is given, by the names of the constructor's parameters; each is a property of that name.
     *
     * @throws \Error when there is no such parameter
     */
    private function but(mixed ...$changes): self
    {
        /** @var array<string, int>|null $names of the parameters, once a class */
        static $names = null;
        $names ??= array_flip(
            array_map(
                static fn(\ReflectionParameter $one): string => $one->getName(),
                (new \ReflectionMethod(self::class, '__construct'))->getParameters(),
            ),
        );

        /** @phpstan-ignore argument.type (they are the constructor's own values, but for those that are named) */
        return new self(...[...array_intersect_key(get_object_vars($this), $names), ...$changes]);
    }
}
