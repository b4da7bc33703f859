<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Json;

use FoxCorner\Core\Problem\Problem;

/** What is kept cannot be read: nothing that was asked is wrong, and nothing that is kept is written over. */
final class StoredUnreadable extends \DomainException implements Problem
{
    private function __construct(public readonly string $what, private readonly Problem $why)
    {
        parent::__construct("$what cannot be read: {$why->getMessage()}", previous: $why);
    }

    /**
     * @template T
     *
     * @param string        $what as a title names it: "The plan"
     * @param \Closure(): T $read
     *
     * @return T
     *
     * @throws self
     */
    public static function unless(string $what, \Closure $read): mixed
    {
        try {
            return $read();
        } catch (Problem $why) {
            throw new self($what, $why);
        }
    }

    public function field(): string
    {
        return $this->why->field();
    }

    public function wrong(): string
    {
        return $this->why->wrong();
    }

    public function allowed(): string
    {
        return $this->why->allowed();
    }

    public function sentence(): string
    {
        return $this->why->sentence();
    }
}
