<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Tools\Mutation;

use Symfony\Component\Finder\Finder;

/** The half of the product that is changed a line at a time, and the tests that are near it. */
enum Half: string
{
    case Core = 'core';
    case App = 'app';

    /** Share of the mutants that has to be seen. */
    public function enough(): float
    {
        return self::Core === $this ? 0.85 : 0.75;
    }

    /** The application's tests have one database, and would wait for each other's rows. */
    public function atOnce(): int
    {
        return self::Core === $this ? 2 : 1;
    }

    /** s that the tests of one change may take together; the quickest go first. */
    public function patience(): float
    {
        return self::Core === $this ? 60.0 : 40.0;
    }

    public function classOf(string $file): string
    {
        return "FoxCorner\\{$this->name}\\" .
            strtr(substr($file, \strlen("$this->value/"), -\strlen('.php')), '/', '\\');
    }

    /** @return list<string> files of tests, from the root of the project */
    public function tests(string $root): array
    {
        $files = Finder::create()
            ->files()
            ->in("$root/tests/{$this->name}")
            ->name('*Test.php')
            ->sortByName();

        return array_map(
            static fn(\SplFileInfo $file): string => substr($file->getPathname(), \strlen($root) + 1),
            iterator_to_array($files, false),
        );
    }

    /**
     * @param list<string> $files
     *
     * @return list<string> the command that runs them, as a process takes it
     */
    public function run(array $files): array
    {
        $jit = self::Core === $this ? 'function' : 'off';

        return [
            \PHP_BINARY,
            ...['-dopcache.enable_cli=1', "-dopcache.jit=$jit", '-dopcache.jit_buffer_size=64M'],
            ...['-dapc.enable_cli=1', '-dapc.shm_size=64M'],
            'vendor/bin/phpunit',
            ...['--bootstrap', 'tests/Tools/Mutation/load.php'],
            ...['--no-progress', '--stop-on-defect', '--do-not-cache-result'],
            ...$files,
        ];
    }
}
