<?php

declare(strict_types=1);

namespace FoxCorner\Core\Game;

use FoxCorner\Core\Problem\Refused;

/** Bases and outs: one of the 24 cells a coach plans for. */
final readonly class Situation
{
    private function __construct(public Bases $bases, public Outs $outs) {}

    public static function of(Bases $bases, Outs $outs): self
    {
        return new self($bases, $outs);
    }

    /** @param string $key as in "R1-0" or "loaded-2"; anything else is no situation: null */
    public static function find(string $key): ?self
    {
        [$bases, $outs] = [...explode('-', $key, 2), ''];
        $found = Bases::tryFrom($bases);
        $count = ctype_digit($outs) ? Outs::tryFrom((int) $outs) : null;

        return null === $found || null === $count || $bases . '-' . $count->value !== $key
            ? null
            : new self($found, $count);
    }

    /** @throws Refused when the key names no situation */
    public static function fromKey(string $key): self
    {
        return self::find($key) ??
            throw Refused::because(
                'situation',
                \sprintf('"%s" does not exist', $key),
                'the bases (' .
                    implode(', ', array_column(Bases::cases(), 'value')) .
                    '), a hyphen and the outs (0, 1, 2), as in R1-0',
            );
    }

    public function key(): string
    {
        return $this->bases->value . '-' . $this->outs->value;
    }

    /** "First, nobody out" */
    public function label(): string
    {
        return $this->bases->label() . ', ' . lcfirst($this->outs->label());
    }
}
