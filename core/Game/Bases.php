<?php

declare(strict_types=1);

namespace FoxCorner\Core\Game;

use FoxCorner\Core\Field\Base;

/** Which bases are occupied. The value is the key used in addresses and files. */
enum Bases: string
{
    case Empty = 'none';
    case First = 'R1';
    case Second = 'R2';
    case FirstSecond = 'R1R2';
    case Third = 'R3';
    case FirstThird = 'R1R3';
    case SecondThird = 'R2R3';
    case Loaded = 'loaded';

    public function has(Base $base): bool
    {
        return \in_array($base, $this->occupied(), true);
    }

    /** @return list<Base> lead runner last */
    public function occupied(): array
    {
        return match ($this) {
            self::Empty => [],
            self::First => [Base::First],
            self::Second => [Base::Second],
            self::FirstSecond => [Base::First, Base::Second],
            self::Third => [Base::Third],
            self::FirstThird => [Base::First, Base::Third],
            self::SecondThird => [Base::Second, Base::Third],
            self::Loaded => [Base::First, Base::Second, Base::Third],
        };
    }

    /** Whether the runner of a base has to go when the batter does. */
    public function forces(Base $from): bool
    {
        for ($base = $from->value; $base >= Base::First->value; --$base) {
            if (!$this->has(Base::from($base))) {
                return false;
            }
        }

        return true;
    }

    /** The bases with one runner put on or taken off. */
    public function toggle(Base $base): self
    {
        return self::fromMask($this->mask() ^ self::bit($base->value));
    }

    public function label(): string
    {
        return match ($this) {
            self::Empty => 'Nobody on',
            self::First => 'First',
            self::Second => 'Second',
            self::FirstSecond => 'First, second',
            self::Third => 'Third',
            self::FirstThird => 'First, third',
            self::SecondThird => 'Second, third',
            self::Loaded => 'Loaded',
        };
    }

    /** As in a sentence: "a runner on first", "bases loaded". */
    public function phrase(): string
    {
        return match ($this) {
            self::Empty => 'nobody on',
            self::First, self::Second, self::Third => 'a runner on ' . strtolower($this->label()),
            self::FirstSecond, self::FirstThird, self::SecondThird => 'runners on ' .
                str_replace(', ', ' and ', strtolower($this->label())),
            self::Loaded => 'bases loaded',
        };
    }

    /** What {@see bit} of the occupied bases comes to. */
    public static function fromMask(int $mask): self
    {
        foreach (self::cases() as $bases) {
            if ($bases->mask() === $mask) {
                return $bases;
            }
        }

        throw new \LogicException("No bases have the mask $mask.");
    }

    /** What a base counts for in a mask, by its number: 1, 2, 4. */
    public static function bit(int $base): int
    {
        return 1 << ($base - 1);
    }

    /** As of {@see fromMask}. */
    public function mask(): int
    {
        $mask = 0;
        foreach ($this->occupied() as $base) {
            $mask |= self::bit($base->value);
        }

        return $mask;
    }
}
