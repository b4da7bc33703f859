<?php

declare(strict_types=1);

namespace FoxCorner\App\Today;

/** One of the first things to do in a new team. */
final readonly class FirstStep
{
    /**
     * @param string                $route of the place where it is done
     * @param array<string, string> $there what it is called with
     */
    public function __construct(
        public string $words,
        public string $more,
        public string $route,
        public bool $isDone,
        public array $there = [],
    ) {}
}
