<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Tools\Mutation;

use Symfony\Component\Process\Process;

/** One line of the core, changed so that it says something else. */
final readonly class Mutant
{
    public function __construct(
        /** From the root of the project. */
        public string $file,
        public int $line,
        public string $was,
        public string $becomes,
        /** The whole file with the change. */
        public string $source,
    ) {}

    /** A name that is used as a type, or met twice, is no change that a test could see. */
    public function compiles(): bool
    {
        $check = new Process([\PHP_BINARY, '-l'], input: $this->source);

        return 0 === $check->run();
    }

    /** Whether it is a constant's figure. */
    public function isOfAName(): bool
    {
        return is_numeric($this->was) && str_contains(explode("\n", $this->source)[$this->line - 1], ' const ');
    }

    /** The folder below core/ that the change is in. */
    public function folder(): string
    {
        return \dirname($this->file);
    }

    public function sentence(): string
    {
        return "$this->file:$this->line  $this->was  ->  $this->becomes";
    }
}
