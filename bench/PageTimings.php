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
        'bunts, all balls' => '/situations/R1-0/bunt/all',
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

    public function __construct(
        private Instance $instance,
        private Visitor $coach,
        private Edits $edits,
        private Table $table,
    ) {}

    public function print(): void
    {
        $this->instance->settle();
        $this->table->head('pages, warm; least is of the clock, each in turn with a bare one');
        foreach (self::PAGES as $name => $path) {
            $this->table->line("$name, warm", ...$this->warm($path));
        }
        $changes = [
            'after a rename' => $this->edits->rename(...),
            'after a nudge' => $this->edits->nudge(...),
            'after a rule' => $this->edits->rule(...),
            'after a measurement, all of it cold' => $this->edits->measure(...),
        ];
        foreach ($changes as $when => $change) {
            $this->table->head("pages, $when");
            foreach (self::EDITED as $name) {
                $this->table->line("$name, $when", ...$this->after($change, self::PAGES[$name]));
            }
        }
        $this->instance->settle();
    }

    /** @return array{Timing, Timing} the page's and a bare one's */
    private function warm(string $path): array
    {
        for ($time = 0; $time < self::WARM_UP; ++$time) {
            $this->coach->milliseconds($path);
        }

        return $this->inTurn($path, self::TIMES, static fn(): null => null);
    }

    /**
     * @param callable(): void $change
     *
     * @return array{Timing, Timing}
     */
    private function after(callable $change, string $path): array
    {
        return $this->inTurn($path, self::EDITS, function () use ($change): void {
            $this->instance->settle();
            $change();
        });
    }

    /**
     * @param callable(): mixed $before each time
     *
     * @return array{Timing, Timing} of the page, and of a bare one
     */
    private function inTurn(string $path, int $times, callable $before): array
    {
        $clock = $bare = [];
        for ($time = 0; $time < $times; ++$time) {
            $before();
            $clock[] = $this->coach->milliseconds($path);
            $bare[] = $this->coach->milliseconds(self::PAGES[self::BARE]);
        }

        return [Timing::measured($clock), Timing::measured($bare)];
    }
}
