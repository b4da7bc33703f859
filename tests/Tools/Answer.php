<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Tools;

/** What came back. */
final readonly class Answer
{
    /** @param int $status 0 when nothing did */
    public function __construct(
        public int $status,
        public float $seconds,
        public string $body,
        public string $location,
    ) {}
}
