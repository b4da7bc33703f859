<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play;

use FoxCorner\Core\Field\Base;

/** One fielder's task on a play. */
final readonly class Job
{
    /** @param bool $comesLate a bag that the coverage leaves open until somebody is in: late by design */
    private function __construct(public JobKind $kind, public ?Base $base, public bool $startsTowardBall, public string $words, public bool $comesLate = false)
    {
    }

    public static function field(): self
    {
        return new self(JobKind::Field, null, true, 'Field it');
    }

    public static function cover(Base $base, ?string $words = null): self
    {
        return new self(JobKind::Cover, $base, false, $words ?? 'Cover '.$base->word());
    }

    /** The bag is left open, and somebody comes in to it from far. */
    public static function comeIn(Base $base): self
    {
        return new self(JobKind::Cover, $base, false, 'Come in to '.$base->word(), true);
    }

    /** Charges with the others, reads that the ball is somebody else's, and goes back to the bag. */
    public static function turnBack(Base $base): self
    {
        return new self(JobKind::Cover, $base, true, 'Not yours: back to '.$base->word());
    }

    public static function backUp(Base $base): self
    {
        return new self(JobKind::BackUp, $base, false, 'Back up '.$base->word());
    }

    /** Goes to the ball behind the one who fields it, and stays out of the throwing lane. */
    public static function converge(): self
    {
        return new self(JobKind::Converge, null, true, 'Charge, then clear the lane');
    }

    /** What is practised: the same for every play that asks it, as in "cover-first" or "turn-back-third". */
    public function skill(): string
    {
        $verb = JobKind::Cover === $this->kind && $this->startsTowardBall ? 'turn-back' : $this->kind->value;

        return null === $this->base ? $verb : $verb.'-'.$this->base->word();
    }
}
