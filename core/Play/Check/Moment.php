<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Check;

use FoxCorner\Core\Play\Choice\ThrowOption;

/** When a fault shows and how it can be said beside a drawing of that moment. */
final readonly class Moment
{
    /**
     * @param float             $seconds from contact
     * @param string            $words   two or three, with the figure: "0.4 s late"
     * @param list<int>         $who     numbers of those whom it is about
     * @param ThrowOption|null  $throw   that it is about
     * @param array<int, float> $there   seconds at which those who race are there, by number; {@see Moment::RUNNER}
     */
    public function __construct(
        public float $seconds,
        public string $words,
        public array $who,
        public ?ThrowOption $throw = null,
        public array $there = [],
    ) {}

    /** A runner, in the place of a number. */
    public const RUNNER = 0;
}
