<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Tools\Mutation;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Finder\Finder;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/** Mutants of one half of the product before the tests that are near, and how many were seen. */
final readonly class Trial
{
    /** s; a change that makes a loop endless is seen by it. */
    private const PATIENCE = 180;
    /** What drills say and where they stand is no rule. */
    private const DATA = 'Drill/Shipped';
    /** So many of a folder have to be drawn before its share tells anything. */
    private const TELLING = 20;

    /** @param bool $named only figures that have a name */
    public function __construct(private string $root, private Half $half, private bool $named = false) {}

    /**
     * @param array<string, list<int>>|null $only lines by file; null: all of the folder
     *
     * @return bool whether enough of them were seen, of all and of every folder of which enough were drawn
     */
    public function run(int $many, int $seed, string $folder, ?array $only = null): bool
    {
        $waiting = $this->drawn($many, $seed, $folder, $only);
        if ([] === $waiting) {
            echo "There is no line of the {$this->half->value} to change.\n";

            return true;
        }
        $near = Near::of($this->half, $this->root, $this->half->atOnce());
        $running = [];
        $seen = [];
        $survivors = [];
        while ([] !== $waiting || [] !== $running) {
            while ([] !== $waiting && \count($running) < $this->half->atOnce()) {
                $mutant = array_shift($waiting);
                $running[] = [$mutant, $this->begin($mutant, $near)];
            }
            usleep(50_000);
            foreach ($running as $index => [$mutant, $process]) {
                $isSeen = null === $process ? false : self::isSeen($process);
                if (null !== $isSeen) {
                    unset($running[$index]);
                    $seen[$mutant->folder()][] = $isSeen;
                    $survivors = $isSeen ? $survivors : [...$survivors, $mutant->sentence()];
                    echo $isSeen ? '.' : 'S';
                }
            }
        }
        echo "\n", implode("\n", $survivors), "\n\n";

        return $this->report($seen);
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
            ->in("$this->root/{$this->half->value}/$folder")
            ->name('*.php')
            ->notPath(self::DATA);
        foreach ($files->sortByName() as $file) {
            $name = substr($file->getPathname(), \strlen($this->root) + 1);
            foreach (null === $only || isset($only[$name]) ? Mutants::of($this->root, $name) : [] as $mutant) {
                $isAsked = !$this->named || $mutant->isOfAName();
                if ($isAsked && (null === $only || \in_array($mutant->line, $only[$name], true))) {
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

    /** Null where no test loads the class. */
    private function begin(Mutant $mutant, Near $near): ?Process
    {
        $class = $this->half->classOf($mutant->file);
        $tests = $near->to($class);
        if ([] === $tests) {
            return null;
        }
        $folder = "$this->root/var/mutants";
        is_dir($folder) || mkdir($folder, recursive: true);
        $file = $folder . '/' . hash('xxh64', $mutant->sentence()) . '.php';
        file_put_contents($file, $mutant->source);
        $environment = ['FOX_MUTANT' => "$class:$file"];
        $process = new Process($this->half->run($tests), $this->root, $environment, timeout: self::PATIENCE);
        $process->start();

        return $process;
    }

    /** Null while its tests run. */
    private static function isSeen(Process $process): ?bool
    {
        try {
            $process->checkTimeout();
        } catch (ProcessTimedOutException) {
            return true;
        }

        return $process->isRunning() ? null : 0 !== $process->getExitCode();
    }

    /** @param array<string, list<bool>> $seen */
    private function report(array $seen): bool
    {
        ksort($seen);
        $isEnough = true;
        foreach ([...$seen, 'all' => array_merge(...array_values($seen))] as $name => $ones) {
            $killed = \count(array_filter($ones));
            $isTelling = 'all' === $name || \count($ones) >= self::TELLING;
            $isEnough = $isEnough && (!$isTelling || $killed >= $this->half->enough() * \count($ones));
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
