<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Contract;

/** A place that several families of plays share. */
final readonly class FamilyGroup
{
    /**
     * @param string $key  stays the same for ever; used in addresses: "runners"
     * @param string $name as a heading: "Runners"
     */
    private function __construct(public string $key, public string $name) {}

    /** Plays about runners while nobody has hit the ball. */
    public static function runners(): self
    {
        return new self('runners', 'Runners');
    }

    public static function of(string $key, string $name): self
    {
        return new self($key, $name);
    }
}
