<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\PassedBall;

use FoxCorner\Core\Play\Scheme\Branch;
use FoxCorner\Core\Play\Scheme\Kind;

/** To which side a pitch gets away: whoever backs up the throw home stands on the other. */
enum ToSide: string implements Kind
{
    case Third = 'third';
    case First = 'first';

    /** Degrees from straight away of a ball that lies behind the plate on that side (ours). */
    public function degrees(): float
    {
        return self::Third === $this ? -150.0 : 150.0;
    }

    public function label(): string
    {
        return self::Third === $this ? 'Third-base side' : 'First-base side';
    }

    public function branch(): Branch
    {
        return Branch::when('side', $this->value, 'it is on the ' . strtolower($this->label()));
    }
}
