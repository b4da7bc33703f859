<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Tools\Mutation;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Finder\Finder;
use Symfony\Component\Process\Process;

/** Mutants of the core before its quick tests, two at a time, and how many were seen. */
final readonly class Trial
{
    /** s; a change that makes a loop endless is seen by it. */
    private const PATIENCE = 120;
    private const AT_ONCE = 2;
    /** What drills say and where they stand is no rule. */
    private const DATA = 'Drill/Shipped';
    /** Share of the mutants that has to be seen, of all and of every folder of which this many or more were drawn. */
    private const ENOUGH = 0.85;
    private const TELLING = 20;

    public function __construct(private string $root) {}

    /**
     * @param array<string, list<int>>|null $only lines by file; null: all of the folder
     *
     * @return bool whether enough of them were seen
     */
    public function run(int $many, int $seed, string $folder, ?array $only = null): bool
    {
        $drawn = $this->drawn($many, $seed, $folder, $only);
        if ([] === $drawn) {
            echo "There is no line of the core to change.\n";

            return true;
        }
        $clean = $this->tests([]);
        if (0 !== $clean->run()) {
            echo $clean->getOutput(), "The tests have to pass before a change can be seen by them.\n";

            return false;
        }
        $seen = [];
        $survivors = [];
        foreach (array_chunk($drawn, self::AT_ONCE) as $pair) {
            $begun = array_map(fn(Mutant $mutant): Process => $this->begin($mutant), $pair);
            foreach ($pair as $index => $mutant) {
                $isSeen = self::isSeen($begun[$index]);
                $seen[$mutant->folder()][] = $isSeen;
                if (!$isSeen) {
                    $survivors[] = $mutant->sentence();
                }
                echo $isSeen ? '.' : 'S';
            }
        }
        echo "\n", implode("\n", $survivors), "\n\n";

        return self::report($seen);
    }

    /**
     * @param array<string, list<int>>|null $only lines by file, from the root of the project; null: all of the folder
     *
     * @return list<Mutant>
     */
    private function drawn(int $many, int $seed, string $folder, ?array $only): array
    {
        $mutants = [];
        $files = Finder::create()
            ->files()
            ->in("$this->root/core/$folder")
            ->name('*.php')
            ->notPath(self::DATA);
        foreach ($files->sortByName() as $file) {
            $name = substr($file->getPathname(), \strlen($this->root) + 1);
            foreach (null === $only || isset($only[$name]) ? Mutants::of($this->root, $name) : [] as $mutant) {
                if (null === $only || \in_array($mutant->line, $only[$name], true)) {
                    $mutants[] = $mutant;
                }
            }
        }
        $drawn = [];
        foreach ((new Randomizer(new Mt19937($seed)))->shuffleArray($mutants) as $mutant) {
            if (\count($drawn) < $many && $mutant->compiles()) {
                $drawn[] = $mutant;
            }
        }

        return $drawn;
    }

    private function begin(Mutant $mutant): Process
    {
        $folder = "$this->root/var/mutants";
        is_dir($folder) || mkdir($folder, recursive: true);
        $file = $folder . '/' . hash('xxh64', $mutant->sentence()) . '.php';
        file_put_contents($file, $mutant->source);
        $class = 'FoxCorner\\Core\\' . strtr(substr($mutant->file, \strlen('core/'), -\strlen('.php')), '/', '\\');
        $process = $this->tests(['FOX_MUTANT' => "$class:$file"]);
        $process->start();

        return $process;
    }

    /**
     * The held figures first, which see most of it in a third of the time.
     *
     * @param array<string, string> $environment
     */
    private function tests(array $environment): Process
    {
        $command = implode(' ', [
            escapeshellarg(\PHP_BINARY),
            '-dopcache.enable_cli=1 -dopcache.jit=function -dopcache.jit_buffer_size=64M',
            'vendor/bin/phpunit --bootstrap tests/Tools/Mutation/load.php',
            '--no-progress --stop-on-defect --do-not-cache-result',
        ]);

        return Process::fromShellCommandline(
            "$command tests/Core/Held && $command --testsuite core",
            $this->root,
            $environment,
            timeout: self::PATIENCE,
        );
    }

    private static function isSeen(Process $process): bool
    {
        try {
            return 0 !== $process->wait();
        } catch (\Symfony\Component\Process\Exception\ProcessTimedOutException) {
            return true;
        }
    }

    /** @param array<string, list<bool>> $seen */
    private static function report(array $seen): bool
    {
        ksort($seen);
        $isEnough = true;
        foreach ([...$seen, 'all' => array_merge(...array_values($seen))] as $name => $ones) {
            $killed = \count(array_filter($ones));
            $isTelling = 'all' === $name || \count($ones) >= self::TELLING;
            $isEnough = $isEnough && (!$isTelling || $killed >= self::ENOUGH * \count($ones));
            printf(
                "%-28s %3d killed, %3d survived (%d %%)\n",
                $name,
                $killed,
                \count($ones) - $killed,
                round((100 * $killed) / \count($ones)),
            );
        }

        return $isEnough;
    }
}
