<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Scheme\Branch;

/** On which side of second base a ball to the outfield is: who of the middle goes out for it. */
enum Side: string
{
    case Left = 'left';
    case Right = 'right';

    private const QUESTION = 'side';
    /** Degrees from straight away to which a ball to center still is the shortstop's (ours). */
    private const MIDDLE = 4.0;

    public static function of(Position $fielder, float $degrees): self
    {
        return match ($fielder) {
            Position::LeftField => self::Left,
            Position::RightField => self::Right,
            default => $degrees <= self::MIDDLE ? self::Left : self::Right,
        };
    }

    public function branch(): Branch
    {
        return Branch::when(self::QUESTION, $this->value, "on the $this->value");
    }

    /** Who goes out for the throw. */
    public function out(): Position
    {
        return self::Left === $this ? Position::Shortstop : Position::SecondBase;
    }

    public function other(): Position
    {
        return self::Left === $this ? Position::SecondBase : Position::Shortstop;
    }
}
