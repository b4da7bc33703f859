<?php

declare(strict_types=1);

namespace FoxCorner\Bench;

/** Measures, prints beside what was meant, and says what was missed. */
final readonly class Bench
{
    public const PARTS = ['core', 'practice', 'pages', 'phones'];

    public function __construct(private string $root) {}

    /**
     * @param list<string> $parts of {@see PARTS}
     *
     * @return int the exit code: 1 when a goal is missed, 2 when no instance answers where one is asked for
     */
    public function run(array $parts): int
    {
        $reference = Timing::of(Reference::run(...));
        $goals = Goals::read("$this->root/bench/goals.json", $reference->least);
        $table = new Table($goals);
        $table->head('the reference');
        $table->line('plain arithmetic', $reference);
        if (\in_array('core', $parts, true)) {
            $table->head('core, JIT on');
            foreach ([...CoreTimings::all(), ...RunnerTimings::all()] as $name => $measure) {
                $table->line($name, Timing::of($measure));
            }
            (new Twins($this->root, $table))->print();
            $this->sizes();
        }
        if (\in_array('practice', $parts, true)) {
            ScheduleTimings::print();
            PracticeWeeks::print();
        }
        if ([] !== array_intersect(['pages', 'phones'], $parts) && !$this->instance($parts, $table)) {
            return 2;
        }
        foreach ($goals->missed() as $missed) {
            fwrite(\STDERR, "missed: $missed\n");
        }

        return [] === $goals->missed() ? 0 : 1;
    }

    /** @param list<string> $parts */
    private function instance(array $parts, Table $table): bool
    {
        $instance = new Instance("$this->root/var/start");
        $coach = Visitor::signIn($instance->address);
        if (null === $coach) {
            fwrite(\STDERR, "No instance with the demo answers at $instance->address: run bin/start --detach first.\n");

            return false;
        }
        if (\in_array('pages', $parts, true)) {
            $edits = new Edits($coach);
            (new PageTimings($instance, $coach, $edits, $table))->print();
            (new PaperTimings($coach, $table))->print();
            (new KeptFigures($instance, $edits, $table))->print();
        }
        if (\in_array('phones', $parts, true)) {
            PhoneCrowd::print($instance->address, $coach);
        }

        return true;
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
}
