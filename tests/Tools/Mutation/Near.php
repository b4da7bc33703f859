<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Tools\Mutation;

use Symfony\Component\Finder\Finder;
use Symfony\Component\Process\Process;

/** Which files of tests load a class, the quickest first: the others cannot see a change of it. */
final readonly class Near
{
    /** @param array<string, array{float, list<string>}> $reach by file of tests: s that it takes, what it loads */
    private function __construct(private array $reach, private float $patience) {}

    /**
     * Runs every file of tests once by itself, which also says whether all pass while nothing is changed. What a run
     * before this one has found is asked again only where sources or tests are others now.
     *
     * @throws \RuntimeException when one does not pass
     */
    public static function of(Half $half, string $root, int $atOnce): self
    {
        $folder = "$root/var/mutants/near";
        is_dir($folder) || mkdir($folder, recursive: true);
        $sources = self::print($root);
        $reach = [];
        $running = [];
        $waiting = $half->tests($root);
        while ([] !== $waiting || [] !== $running) {
            while ([] !== $waiting && \count($running) < $atOnce) {
                $file = array_shift($waiting);
                $list = "$folder/" . hash('xxh64', $sources . $file . file_get_contents("$root/$file"));
                $process = new Process($half->run([$file]), $root, ['FOX_LOADED' => $list], timeout: null);
                if (!is_file($list)) {
                    $process->start();
                }
                $running[$file] = [$process, $list];
            }
            usleep(20_000);
            foreach ($running as $file => [$process, $list]) {
                if (!$process->isRunning()) {
                    unset($running[$file]);
                    if ($process->isStarted() && 0 !== $process->getExitCode()) {
                        unlink($list);

                        throw new \RuntimeException("$file has to pass first.\n" . $process->getOutput());
                    }
                    [$seconds, $loaded] = explode("\n", (string) file_get_contents($list), 2);
                    $reach[$file] = [(float) $seconds, explode("\n", $loaded)];
                }
            }
        }
        asort($reach);

        return new self($reach, $half->patience());
    }

    /** @return list<string> as many as can be run in time; one at least where any loads it */
    public function to(string $class): array
    {
        $files = [];
        $seconds = 0.0;
        foreach ($this->reach as $file => [$takes, $loaded]) {
            if (\in_array($class, $loaded, true) && ([] === $files || $seconds + $takes <= $this->patience)) {
                $files[] = $file;
                $seconds += $takes;
            }
        }

        return $files;
    }

    private static function print(string $root): string
    {
        $print = hash_init('xxh128');
        foreach (['core', 'app'] as $half) {
            foreach (
                Finder::create()
                    ->files()
                    ->in("$root/$half")
                    ->sortByName() as $file
            ) {
                hash_update_file($print, $file->getPathname());
            }
        }

        return hash_final($print);
    }
}
