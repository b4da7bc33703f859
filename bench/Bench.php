<?php

declare(strict_types=1);

namespace FoxCorner\Bench;

/** Measures and prints; it judges nothing. */
final readonly class Bench
{
    /** ns that each measure runs before it counts. */
    private const WARM_UP = 300_000_000;

    public function __construct(private string $root) {}

    /** @return int the exit code: 1 when no instance answers, the core's figures are printed all the same */
    public function run(): int
    {
        printf("%-58s %12s\n", 'core, JIT on', 'median');
        foreach ([...CoreTimings::all(), ...RunnerTimings::all()] as $name => $measure) {
            printf("%-58s %9.3f ms\n", $name, self::median(31, $measure));
        }
        ScheduleTimings::print();
        PracticeWeeks::print();
        $this->sizes();
        $port = is_file($this->root . '/var/start/port')
            ? (int) file_get_contents($this->root . '/var/start/port')
            : 8085;
        $visitor = Visitor::signIn("http://127.0.0.1:$port");
        if (null === $visitor) {
            fwrite(\STDERR, "No instance with the demo answers on port $port: run bin/start --detach first.\n");

            return 1;
        }
        $this->pages($visitor);
        PhoneCrowd::print("http://127.0.0.1:$port", $visitor);

        return 0;
    }

    private function pages(Visitor $visitor): void
    {
        printf("\n%-58s %12s %8s\n", 'pages, server time over 50 requests in turn', 'median', 'ratio');
        $pages = [
            'a bare signed-in page' => '/you',
            'Field, before the pitch' => '/field/R1-0',
            'Field, on a bunt' => '/field/R1-0?view=bunt',
            'Situations' => '/situations',
            'Bunts, one map' => '/plays/bunt/R1-0',
            'Bunts, two maps' => '/plays/bunt/R1R2-0?with=wheel',
            'Field, on a ground ball' => '/field/R1-0?view=ground-ball',
            'Ground balls' => '/plays/ground-ball/R1R2-0',
            'Runners' => '/runners/R1-0',
            'Picks' => '/plays/pick/R1-0',
            'First and third' => '/plays/first-third/R1R3-0',
            'Rundown' => '/plays/rundown/R1-0',
            'Today' => '',
            'Team' => '/team',
            'Practice list' => '/practice',
            'What is needed' => '/practice/needs',
            'Drills' => '/practice/drills',
            'Week' => '/practice/week',
        ];
        $times = array_fill_keys(array_keys($pages), []);
        for ($round = 0; $round < 60; ++$round) {
            foreach ($pages as $name => $path) {
                $took = $visitor->milliseconds($path);
                // The first ten rounds warm up.
                if ($round >= 10) {
                    $times[$name][] = $took;
                }
            }
        }
        $bare = self::middle($times['a bare signed-in page']);
        foreach ($times as $name => $taken) {
            printf("%-58s %9.2f ms %8.2f\n", $name, self::middle($taken), self::middle($taken) / $bare);
        }
    }

    private function sizes(): void
    {
        echo "\nsent to a browser, compressed\n";
        foreach (['app.*.js' => 'scripts', 'app.*.css' => 'styles'] as $pattern => $name) {
            $files = glob($this->root . '/public/build/' . $pattern);
            $bytes = array_sum(
                array_map(
                    static fn(string $file): int => \strlen((string) gzencode((string) file_get_contents($file), 6)),
                    false === $files ? [] : $files,
                ),
            );
            printf("%-58s %9.1f kB\n", $name, $bytes / 1000);
        }
    }

    /** @param callable(): mixed $measure */
    private static function median(int $times, callable $measure): float
    {
        $taken = [];
        $until = hrtime(true) + self::WARM_UP;
        do {
            $measure();
        } while (hrtime(true) < $until);
        for ($time = 0; $time < $times; ++$time) {
            $start = hrtime(true);
            $measure();
            $taken[] = (hrtime(true) - $start) / 1e6;
        }

        return self::middle($taken);
    }

    /** @param list<float> $values */
    private static function middle(array $values): float
    {
        sort($values);

        return $values[intdiv(\count($values), 2)] ?? \NAN;
    }
}
