<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan;

/** The coverage that is played in a situation: who decided, and when. */
final readonly class CoverageChoice
{
    public function __construct(public string $coverage, public string $by, public \DateTimeImmutable $at) {}
}
