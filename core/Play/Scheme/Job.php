<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Scheme;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Unknown;

/** One fielder's task on a play. */
final readonly class Job
{
    private const COVER = 'cover';
    private const TURN_BACK = 'turn-back';
    private const COME_IN = 'come-in';

    /** @param bool $comesLate a bag that the coverage leaves open until somebody is in: late by design */
    private function __construct(
        public JobKind $kind,
        public ?Base $base,
        public bool $startsTowardBall,
        public string $words,
        public bool $comesLate = false,
    ) {}

    public static function field(): self
    {
        return new self(JobKind::Field, null, true, 'Field it');
    }

    public static function cover(Base $base, ?string $words = null): self
    {
        return new self(JobKind::Cover, $base, false, $words ?? 'Cover ' . $base->word());
    }

    /** The bag is left open, and somebody comes in to it from far. */
    public static function comeIn(Base $base, ?string $words = null): self
    {
        return new self(JobKind::Cover, $base, false, $words ?? 'Come in to ' . $base->word(), true);
    }

    /** Charges with the others, reads that the ball is somebody else's, and goes back to the bag. */
    public static function turnBack(Base $base): self
    {
        return new self(JobKind::Cover, $base, true, 'Not yours: back to ' . $base->word());
    }

    public static function backUp(Base $base): self
    {
        return new self(JobKind::BackUp, $base, false, 'Back up ' . $base->word());
    }

    /** Goes to the ball behind the one who fields it, and stays out of the throwing lane. */
    public static function converge(?string $words = null): self
    {
        return new self(JobKind::Converge, null, true, $words ?? 'Charge, then clear the lane');
    }

    /**
     * The job that files and forms call so: "cover-first", "turn-back-third", "converge".
     *
     * @throws Problem
     */
    public static function ofKey(string $key): self
    {
        foreach (self::all() as $job) {
            if ($job->key() === $key) {
                return $job;
            }
        }

        throw Unknown::notOneOf('job', $key, array_map(static fn(self $job): string => $job->key(), self::all()));
    }

    /** @return list<self> everything that a line of a coverage can ask */
    public static function all(): array
    {
        $jobs = [];
        foreach ([self::cover(...), self::turnBack(...), self::comeIn(...), self::backUp(...)] as $of) {
            array_push($jobs, ...array_map(static fn(Base $base): self => $of($base), Base::cases()));
        }

        return [...$jobs, self::converge()];
    }

    /** Stays the same for ever. */
    public function key(): string
    {
        return $this->at(
            match (true) {
                JobKind::Cover !== $this->kind => $this->kind->value,
                $this->comesLate => self::COME_IN,
                $this->startsTowardBall => self::TURN_BACK,
                default => self::COVER,
            },
        );
    }

    /** As a coach picks it from a list. */
    public function label(): string
    {
        return JobKind::Cover === $this->kind && $this->startsTowardBall && null !== $this->base
            ? 'Charge, else back to ' . $this->base->word()
            : $this->words;
    }

    /** What is practised: the same for every play that asks it, as in "cover-first" or "turn-back-third". */
    public function skill(): string
    {
        return $this->at(
            JobKind::Cover === $this->kind && $this->startsTowardBall ? self::TURN_BACK : $this->kind->value,
        );
    }

    private function at(string $verb): string
    {
        return null === $this->base ? $verb : $verb . '-' . $this->base->word();
    }
}
