<?php

declare(strict_types=1);

namespace FoxCorner\Bench;

/** Pages of the started instance: again, and at once after something was changed. */
final readonly class PageTimings
{
    private const BARE = 'a bare signed-in page';
    private const PAGES = [
        self::BARE => '/you',
        'Today' => '',
        'Situations' => '/situations',
        'a situation' => '/situations/R1-0',
        'a bunt' => '/situations/R1-0/bunt',
        'a ground ball' => '/situations/R1R2-0/ground-ball',
        'a ball to the outfield' => '/situations/R1-0/outfield',
        'a steal' => '/situations/R1-0/steal',
        'a pick' => '/situations/R1-0/pick',
        'first and third' => '/situations/R1R3-0/first-third',
        'a rundown' => '/situations/R1-0/rundown',
        'bunts, all balls' => '/situations/R1-0/bunt/balls',
        'bunts, coverages' => '/situations/R1-0/bunt/coverages',
        'rules' => '/situations/rules',
        'depths' => '/situations/depths',
        'two plans beside each other' => '/situations/R1-0/compare',
        'how we know' => '/how-we-know',
        'Team' => '/team',
        'Practice' => '/practice',
        'What is needed' => '/practice/needs',
        'the season' => '/practice/season',
        'Drills' => '/practice/drills',
        'Week' => '/practice/week',
    ];
    /** Where what an edit costs shows. */
    private const EDITED = ['Today', 'Situations', 'a situation', 'What is needed'];
    /** Looks until a plan that nobody has looked at is whole, and the memory warm. */
    private const WARM_UP = 15;
    private const TIMES = 30;
    private const EDITS = 6;

    public function __construct(private Instance $instance, private Visitor $coach, private Table $table) {}

    public function print(): void
    {
        $this->instance->settle();
        $this->table->head('pages, warm');
        $bare = $this->warm(self::PAGES[self::BARE]);
        foreach (self::PAGES as $name => $path) {
            $timing = self::BARE === $name ? $bare : $this->warm($path);
            null === $timing || null === $bare
                ? printf("%-58s %10s\n", $name, 'no page')
                : $this->table->line("$name, warm", $timing, $bare);
        }
        $edits = new Edits($this->coach);
        $changes = [
            'after a rename' => $edits->rename(...),
            'after a nudge' => $edits->nudge(...),
            'after a rule' => $edits->rule(...),
            'after a measurement, all of it cold' => $edits->measure(...),
        ];
        foreach ($changes as $when => $change) {
            $this->table->head("pages, $when");
            foreach (self::EDITED as $name) {
                $this->table->line("$name, $when", $this->after($change, self::PAGES[$name]), $bare);
            }
        }
        $this->instance->settle();
    }

    /** @return Timing|null null where no page answers */
    private function warm(string $path): ?Timing
    {
        try {
            for ($time = 0; $time < self::WARM_UP; ++$time) {
                $this->coach->milliseconds($path);
            }
        } catch (\RuntimeException) {
            return null;
        }
        $clock = [];
        $spent = $this->instance->spent('fpm');
        for ($time = 0; $time < self::TIMES; ++$time) {
            $clock[] = $this->coach->milliseconds($path);
        }

        return Timing::measured($clock, ($this->instance->spent('fpm') - $spent) / self::TIMES);
    }

    /** @param callable(): void $change */
    private function after(callable $change, string $path): Timing
    {
        $clock = [];
        $cpu = 0.0;
        for ($time = 0; $time < self::EDITS; ++$time) {
            $this->instance->settle();
            $change();
            $spent = $this->instance->spent('fpm');
            $clock[] = $this->coach->milliseconds($path);
            $cpu += $this->instance->spent('fpm') - $spent;
        }

        return Timing::measured($clock, $cpu / self::EDITS);
    }
}
